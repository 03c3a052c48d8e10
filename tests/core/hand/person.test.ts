import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { handPlacesIn, STANCES } from '@/core/body/places';
import type { Beat, Hand } from '@/core/dose';
import { scriptOf } from '@/core/dose/script';
import { personAt, personShapes, PERSON_SHOWS, PERSON_VIEWS } from '@/core/hand/person';
import { motionsOf, withRange, withSplit, type MovementFigure } from '@/core/hand/motion';
import { fullPose, type FullPose } from '@/core/hand/pose';
import { stageOfBoth, type Stage } from '@/core/hand/scene';
import { poseOfHand } from '@/core/hand/showing';
import { wristDemand } from '@/core/screening/arc-limits';

const figureOf = (id: string): MovementFigure => CATALOGUE.figure(id)!;
const MIRROR: Stage['order'] = ['L', 'R'];
const AS_SEEN: Stage['order'] = ['R', 'L'];

/** One foot forward, the head to the side of it, as the stage of a hand that works. */
const stage = (working: Hand, order: Stage['order']): Stage => {
  const [moves, waits] = [fullPose({ 'foot.ahead': 200, 'head.turn': 40 }), fullPose({})];
  return {
    poses: working === 'L' ? { L: moves, R: waits } : { L: waits, R: moves },
    working,
    swapped: false,
    order,
  };
};

test.each<[Hand, Stage['order'], 'L' | 'R']>([
  ['L', MIRROR, 'L'],
  ['R', MIRROR, 'R'],
  ['L', AS_SEEN, 'R'],
  ['R', AS_SEEN, 'L'],
])(
  'the person’s %s foot, hands on the screen %s, moves on the %s of the page, and the head turns there',
  (working, order, side) => {
    const { body } = personAt(
      { stance: 'on a chair', hands: 'free', from: 'front', main: true },
      stage(working, order),
    );
    const other = side === 'L' ? 'R' : 'L';
    expect(body.legs[side].foot.toe[2]).toBeGreaterThan(body.legs[other].foot.toe[2] + 150);
    expect(Math.sign(body.headFrame.z[0])).toBe(side === 'R' ? 1 : -1);
  },
);

test.each(STANCES.flatMap((s) => handPlacesIn(s).map((h) => [s, h] as const)))(
  '%s, hands %s: whole paths from everywhere',
  (stance, hands) => {
    PERSON_VIEWS.forEach((from, i) => {
      const working = (['L', 'R', 'both'] as const)[i % 3]!;
      const shows = [undefined, ...PERSON_SHOWS][i % 3];
      const person = { stance, hands, from, main: true as const, ...(shows && { shows }) };
      const shapes = personShapes(person, { ...stageOfBoth(fullPose({})), working }, 'bag');
      expect(shapes.length).toBeGreaterThan(4);
      expect(shapes.filter((s) => /NaN|Infinity|undefined/.test(s.d))).toEqual([]);
    });
  },
);

const leanOf = (p: FullPose): number => p['trunk.lean'] + p['body.lean'];

test('whoever rests does not lean on their hands, and a smaller range leans less', () => {
  for (const id of ['thigh-press', 'table-lean', 'lean-with-breath', 'wall-lean', 'elbow-bend-press']) {
    const figure = figureOf(id);
    const dose = MOVEMENTS.find((m) => m.id === id)!.dose;
    const beats = scriptOf(dose, { breathMs: 5_000, slowFirst: false });
    const most = (f: MovementFigure, of: readonly Beat[]) =>
      Math.max(
        ...of.flatMap((beat) =>
          [0.01, 0.25, 0.5, 0.75, 0.99].map((share) =>
            leanOf(
              poseOfHand(f, 'R', { beat, before: null, offsetMs: beat.startMs + share * beat.durationMs }),
            ),
          ),
        ),
      );
    const working = beats.filter((b) => b.kind !== 'rest' && b.kind !== 'change');
    const resting: readonly Beat[] = [{ ...working.at(-1)!, kind: 'rest' }];
    expect([id, most(figure, resting)]).toEqual([id, leanOf(poseOfHand(figure, 'R', null))]);
    expect(most(figure, resting)).toBeLessThan(most(figure, working) - 4);
    expect(most(withRange(figure, 0.5), working)).toBeLessThan(most(figure, working) - 3);
  }
});

test('a smaller range and the split of a repetition hold in every pass and for the other hand', () => {
  for (const id of ['wrist-shake', 'dome-press', 'split-hands', 'wrist-side-hold']) {
    const figure = figureOf(id);
    const spread = (f: MovementFigure) =>
      motionsOf(f).map((m) =>
        m.kind === 'loop'
          ? Math.max(...m.keys.map((k) => fullPose(k.pose)['wrist.flexion'])) -
            Math.min(...m.keys.map((k) => fullPose(k.pose)['wrist.flexion']))
          : 0,
      );
    const [full, half] = [spread(figure), spread(withRange(figure, 0.5))];
    half.forEach((mm, i) => expect(mm).toBeCloseTo(full[i]! / 2, 6));
  }
  const split = withSplit(figureOf('wrist-shake'), 0.3);
  for (const m of motionsOf(split)) expect(m.kind === 'loop' && m.keys[1]!.share).toBeCloseTo(0.3);
});

test('what either hand is asked for counts: one bends, the other sways, and then they swap', () => {
  expect(wristDemand(figureOf('split-hands'))).toEqual({ flexion: 30, extension: 30, radial: 18, ulnar: 26 });
});
