import { describe, expect, test } from '@jest/globals';
import { CATALOGUE } from '@/catalogue/movements';
import { ON_RUNGS } from '@/catalogue/figures/on-rungs/on-rungs';
import { figureIssues, figureOnRung, stillOf, type MovementFigure } from '@/core/hand';
import { tellingPose } from '@/core/hand/motion';

const LOOKS_DIFFERENT = new Set(['support', 'range', 'lever', 'position', 'hand position']);
const rungs = CATALOGUE.movements.flatMap((m) =>
  m.rungs
    .filter(({ changes }) => changes && LOOKS_DIFFERENT.has(changes))
    .map((rung) => ({
      name: `${m.id}: ${rung.words}`,
      figure: CATALOGUE.figure(m.id)!,
      on: CATALOGUE.figureOnRung(m.id, rung),
    })),
);
const drawn = rungs.flatMap(({ name, figure, on }) => (on ? [{ name, figure, on }] : []));

const NAMED = Object.entries(ON_RUNGS).flatMap(([id, looks]) => Object.keys(looks).map((w) => `${id}: ${w}`));

/** Where a word says it and no drawing would: sleeves, pads, eyes, one of two passes, a lighter touch. */
const WORDS_ALONE = [
  'warm-palms: rub the backs of the hands too',
  'wrist-circles-table: half the circle',
  'palms-tilt: side to side only',
  'thumb-to-tips: the thumb slides along each finger as far as it goes',
  'thumb-out-across: slide down to the wrist crease',
  'interlaced-push: one hand on top of the other, not interlaced',
  'interlaced-chin: backs of the hands together, not interlaced',
  'wrist-side-hold: thumb side only',
  'ball-each-finger: the next finger helps',
  'cloth-walk: one way only',
  'tub-lid: a grippy pad under the tub',
  'jar-open: a grippy pad or damp cloth over the lid',
  'tin-lift: the other hand helps',
  'pan-lift: both hands on the handle',
  'shelf-reach: other hand on the table',
  'single-finger-lifts: the other hand helps the ring finger',
  'dome-press: the palm only',
  'drops-table: onto a folded cloth',
  'stroke-arms: over the sleeve',
  'circle-elbow: over the sleeve',
  'circle-thumb-base: the whole palm instead of the thumb',
  'hands-where-it-aches: one hand, the other rests',
  'closing-reading: eyes open or closed, as they like',
  'shoulder-drop: only the drop',
  'head-turns: only the eyes turn',
  'lean-back-return: hands on the thighs',
  'small-nods: only the eyes look down and up',
  'ribs-and-elbows: backs of the hands on the ribs',
  'press-part-spread: fingertips only touch',
  'thumb-on-dome: from the tip to the ball of the thumb',
  'arm-route: over the sleeve',
];

describe('a rung that changes what the hands rest on, how far they go or how they are held', () => {
  test('has a picture, but where words alone can say it', () => {
    expect(rungs.filter(({ on }) => !on).map(({ name }) => name)).toEqual(WORDS_ALONE);
  });

  test('is within what joints can do, and looks different from the usual form', () => {
    const picture = (figure: MovementFigure) => JSON.stringify(stillOf(figure));
    expect(drawn.flatMap(({ name, on }) => figureIssues(on).map((issue) => `${name}: ${issue}`))).toEqual([]);
    expect(drawn.filter(({ figure, on }) => picture(on) === picture(figure)).map(({ name }) => name)).toEqual(
      [],
    );
  });

  test('names a rung that there is', () => {
    const words = new Set(CATALOGUE.movements.flatMap((m) => m.rungs.map((r) => `${m.id}: ${r.words}`)));
    expect(NAMED.filter((name) => !words.has(name))).toEqual([]);
  });
});

test('one look serves several movements, each in its own way', () => {
  const half = { range: 0.5 };
  const [bend, fists] = ['wrist-bend', 'alternate-fists'].map((id) => CATALOGUE.figure(id)!);
  const small = figureOnRung(bend!, half);
  expect(tellingPose(figureOnRung(fists!, half).motion)['wrist.flexion']).toBe(0);
  expect(figureOnRung(bend!, half)).toBe(small);
  const [far, near] = [bend!, small].map(({ motion }) => Math.abs(tellingPose(motion)['wrist.flexion']));
  expect(near! / far!).toBeCloseTo(0.5, 1);
});

test('further than usual ends where the joints end', () => {
  const { motion } = figureOnRung(CATALOGUE.figure('wrist-bend')!, { range: 5 });
  expect(figureIssues({ motion, view: 'side' })).toEqual([]);
});
