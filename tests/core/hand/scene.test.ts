import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { OPEN, PLATE, POINTED, wrist } from '@/catalogue/figures/poses';
import type { Box } from '@/core/draw/bounds';
import { figureInPass, momentsOf, type MovementFigure } from '@/core/hand/motion';
import { whereShapes } from '@/core/hand/where';
import { fullPose, type Pose } from '@/core/hand/pose';
import { sceneHands, sceneShapes, spotOf, type Stage } from '@/core/hand/scene';
import { SCENE_KINDS, type SceneKind, type Spot } from '@/core/hand/scenes';
import { keyStills, pictureShapes, roomOf, stillOf } from '@/core/hand/still';
import { distance, dot, type Vec } from '@/core/draw/vector';
import { eachNth } from '../../runs';

const figureIn = (scene: SceneKind, pose: Pose = OPEN): MovementFigure => ({
  view: 'palm',
  scene,
  motion: { kind: 'held', from: pose, to: pose },
});
const stage = (pose: Pose, rest: Partial<Stage> = {}): Stage => ({
  poses: { L: fullPose(pose), R: fullPose(pose) },
  working: 'both',
  swapped: false,
  order: ['L', 'R'],
  ...rest,
});
const handsIn = (scene: SceneKind, pose: Pose = OPEN, rest: Partial<Stage> = {}) =>
  sceneHands(figureIn(scene, pose), stage(pose, rest)).hands;
const mirrored = ([x, y, z]: Vec): Vec => [-x, y, z];

test.each(['palms together', 'fingertips together', 'backs together', 'thumb sides together'] as const)(
  '%s: left is the mirror of right',
  (scene) => {
    const { L, R } = handsIn(scene, wrist(PLATE, -40));
    for (const spot of ['palm', 'fingers', 'wrist', 'forearm'] as const)
      expect(distance(spotOf(L, spot), mirrored(spotOf(R, spot)))).toBeLessThan(1e-6);
  },
);

test('palms that meet face each other, a palm’s flesh apart', () => {
  const { L, R } = handsIn('palms together', wrist(PLATE, -62));
  expect(distance(spotOf(L, 'palm'), spotOf(R, 'palm'))).toBeLessThan(6);
  expect(dot(L.palmNormal, R.palmNormal)).toBeCloseTo(-1);
});

test('backs that meet face away, and the fingers hang', () => {
  const { L, R } = handsIn('backs together', wrist(OPEN, 68));
  expect(distance(spotOf(L, 'back'), spotOf(R, 'back'))).toBeLessThan(6);
  expect(R.palmNormal[0]).toBeGreaterThan(0.9);
  expect(spotOf(R, 'fingertips')[1]).toBeLessThan(spotOf(R, 'wrist')[1]);
});

test('fingertips that meet stay together whatever the fingers do', () => {
  for (const bend of [10, 30, 50]) {
    const { L, R } = handsIn('fingertips together', { ...POINTED, 'middle.mcp': bend, 'ring.mcp': bend });
    expect(distance(spotOf(L, 'fingertips'), spotOf(R, 'fingertips'))).toBeCloseTo(14, 5);
  }
});

test.each<[SceneKind, Spot, number]>([
  ['other hand draws the fingers back', 'fingers', 30],
  ['other hand folds the wrist', 'back', 30],
  ['other hand on the back', 'back', 8],
  ['other hand under the palm', 'palm', 8],
  ['other hand on the arm', 'forearm', 40],
  ['knuckles into the palm', 'fingers', 40],
])('%s: the helping hand is where it helps, on either side', (scene, on, within) => {
  for (const working of ['L', 'R'] as const) {
    const hands = handsIn(scene, wrist(PLATE, -30), { working });
    const helper = hands[working === 'R' ? 'L' : 'R'];
    const near = Math.min(
      ...(['palm', 'fingers', 'fingertips'] as const).map((s) =>
        distance(spotOf(helper, s), spotOf(hands[working], on)),
      ),
    );
    expect(near).toBeLessThan(within);
  }
});

test('when the left works, the scene is the mirror of the right working', () => {
  const right = handsIn('other hand draws the fingers back', wrist(PLATE, -50), { working: 'R' });
  const left = handsIn('other hand draws the fingers back', wrist(PLATE, -50), { working: 'L' });
  for (const spot of ['palm', 'fingertips', 'forearm'] as const) {
    expect(distance(spotOf(left.L, spot), mirrored(spotOf(right.R, spot)))).toBeLessThan(1e-6);
    expect(distance(spotOf(left.R, spot), mirrored(spotOf(right.L, spot)))).toBeLessThan(1e-6);
  }
});

test('a helping hand follows the hand it helps', () => {
  const before = handsIn('other hand draws the fingers back', wrist(PLATE, 0), { working: 'R' });
  const after = handsIn('other hand draws the fingers back', wrist(PLATE, -58), { working: 'R' });
  expect(distance(spotOf(before.L, 'palm'), spotOf(after.L, 'palm'))).toBeGreaterThan(60);
});

test('which hand is on top changes when the hands swap', () => {
  const depth = (swapped: boolean) => {
    const { L, R } = handsIn('one on the other', OPEN, { swapped });
    return spotOf(R, 'palm')[2] - spotOf(L, 'palm')[2];
  };
  expect(depth(false)).toBeGreaterThan(0);
  expect(depth(true)).toBeLessThan(0);
});

test('as seen: hands that stand apart change places, hands that meet are seen from the other side', () => {
  const xs = (order: Stage['order']) => {
    const { hands } = sceneHands(figureIn('apart'), stage(OPEN, { order }));
    return [spotOf(hands.L, 'wrist')[0], spotOf(hands.R, 'wrist')[0]];
  };
  expect(xs(['L', 'R'])[0]).toBeLessThan(0);
  expect(xs(['R', 'L'])[0]).toBeGreaterThan(0);
  const camera = (order: Stage['order']) =>
    sceneHands(figureIn('palms together'), stage(OPEN, { order })).camera.yaw;
  expect(camera(['R', 'L']) - camera(['L', 'R'])).toBe(180);
});

test('a cloth between the hands reaches from fist to fist and beyond', () => {
  const figure = CATALOGUE.figure('cloth-wring')!;
  const props = (pose: Pose) =>
    sceneShapes(figure, stage(pose))
      .filter((s) => s.part === 'prop')
      .map((s) => width(s.d));
  const [narrow] = props({ ...PLATE, 'stage.aside': 0 });
  const [wide] = props({ ...PLATE, 'stage.aside': 30 });
  expect(narrow).toBeGreaterThan(180);
  expect(wide! - narrow!).toBeCloseTo(60, 0);
});

const width = (d: string): number => {
  const xs = [...d.matchAll(/[ML](-?[\d.]+) /g)].map((m) => Number(m[1]));
  return Math.max(...xs) - Math.min(...xs);
};

test.each(SCENE_KINDS.map((s) => [s]))(
  '%s draws whole paths for either hand, swapped or not, and order',
  (scene) => {
    for (const working of ['L', 'R', 'both'] as const)
      for (const swapped of [false, true])
        for (const order of [
          ['L', 'R'],
          ['R', 'L'],
        ] as const) {
          const shapes = sceneShapes(figureIn(scene), stage(OPEN, { working, swapped, order }));
          expect(shapes.length).toBeGreaterThan(60);
          expect(shapes.filter((s) => /NaN|Infinity|undefined/.test(s.d))).toEqual([]);
        }
  },
);

/** Every point that the paths of a picture pass through. */
const pointsOf = (paths: readonly string[]): readonly (readonly [number, number])[] =>
  paths.flatMap((d) =>
    [...d.matchAll(/(?:[MLQ]|A[\d.]+ [\d.]+ 0 [01] 1 )(-?[\d.]+) (-?[\d.]+)/g)].map(
      (m) => [Number(m[1]), Number(m[2])] as const,
    ),
  );
function expectInside(paths: readonly string[], { x, y, w, h }: Box) {
  const outside = pointsOf(paths).filter(([px, py]) => px < x || px > x + w || py < y || py > y + h);
  expect(outside).toEqual([]);
}

test.each(MOVEMENTS.map((m) => [m.id]))(
  '%s: nothing of a still, of its arrows or of a key pose is cut',
  (id) => {
    const figure = CATALOGUE.figure(id)!;
    const { shapes, box, arrows } = stillOf(figure);
    expectInside([...shapes.map((s) => s.d), ...arrows.flatMap((a) => [a.shaft, ...a.heads])], box);
    const keys = keyStills(figure);
    expect(keys.length).toBeGreaterThanOrEqual(1);
    for (const key of keys)
      expectInside(
        key.shapes.map((s) => s.d),
        key.box,
      );
  },
);

test.each(eachNth(MOVEMENTS, 6).map((m) => [m.id]))(
  '%s: nothing is cut in motion, whichever hand leads',
  (id) => {
    const figure = CATALOGUE.figure(id)!;
    const room = roomOf(figure);
    for (const { pose, other } of momentsOf(figure))
      for (const working of ['L', 'R'] as const)
        expectInside(
          pictureShapes(figure, {
            poses: working === 'R' ? { L: other, R: pose } : { L: pose, R: other },
            working,
            swapped: working === 'L',
            order: ['L', 'R'],
          }).map((s) => s.d),
          room,
        );
  },
);

test('every movement that goes anywhere has an arrow, and what only presses has a mark without a head', () => {
  const arrows = (id: string) => stillOf(CATALOGUE.figure(id)!).arrows;
  const still = MOVEMENTS.filter((m) => arrows(m.id).length === 0).map((m) => m.id);
  expect(still).toEqual(STILL);
  expect(arrows('wrist-bend')[0]!.heads).toHaveLength(2);
  expect(arrows('wrist-down-hold')[0]!.heads).toHaveLength(0);
  expect(arrows('wrist-circles-air')[0]!.heads).toHaveLength(1);
});

test('no two movements have the same picture', () => {
  const seen = new Map<string, string>();
  const same = MOVEMENTS.flatMap((m) => {
    const picture = JSON.stringify(stillOf(CATALOGUE.figure(m.id)!).shapes);
    const before = seen.get(picture);
    seen.set(picture, m.id);
    return before ? [`${before} = ${m.id}`] : [];
  });
  expect(same).toEqual([]);
});

test('each pass that is done in another way has a picture of its own', () => {
  for (const { id, dose } of MOVEMENTS) {
    const passes = (dose.passes ?? []).filter((p) => !p.reversed && !p.swapped);
    const pictures = passes.map((pass) => {
      const figure = figureInPass(CATALOGUE.figure(id)!, pass);
      return JSON.stringify([stillOf(figure).shapes, whereShapes(figure)]);
    });
    expect([id, new Set(pictures).size]).toEqual([id, passes.length]);
  }
});

/** Movements in which nothing goes anywhere: they rest, breathe or hold. */
const STILL: readonly string[] = [
  'hands-where-it-aches',
  'self-hug',
  'quiet-breath',
  'crossed-wrists-breath',
  'closing-reading',
];
