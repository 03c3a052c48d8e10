import type { MovementFigure, Pose } from '@/core/hand';
import { FIST, PLATE, wrist } from './poses';
import { atTable, by, seated } from './people';
import { held, swing, through } from './shapes';

/** What the wrists do as the body leans is asked of them, though the picture shows the body. */
const leaning = (degrees: number, flexion: number, ulnar = 0): Pose => ({
  ...wrist(PLATE, flexion, ulnar),
  'trunk.lean': degrees,
});
const LIGHT = leaning(6, -34);
const LEANING = leaning(26, -62);
const CIRCLE = [wrist(PLATE, -50), wrist(PLATE, -66, 10), wrist(PLATE, -50), wrist(PLATE, -36, -10)] as const;
const round = (dx: number, dz: number) =>
  through('side', [
    { ...CIRCLE[0], 'trunk.lean': 14, 'trunk.side': dx },
    { ...CIRCLE[1], 'trunk.lean': 14 + dz },
    { ...CIRCLE[2], 'trunk.lean': 14, 'trunk.side': -dx },
    { ...CIRCLE[3], 'trunk.lean': 14 - dz },
  ]);
const standing = (
  at: 'wall' | 'worktop' | 'chair seat',
  [light, heavy]: readonly [number, number],
  wristAt: number,
): MovementFigure =>
  by(
    { stance: `standing at a ${at}`, hands: 'on the support', from: 'side' },
    held(
      'side',
      { ...wrist(PLATE, -34), 'body.lean': light },
      { ...wrist(PLATE, wristAt), 'body.lean': heavy },
    ),
  );
const ON_FLOOR = { stance: 'on hands and knees', hands: 'on the support', from: 'side' } as const;

/** Weight through the hands: the whole person tells how much. */
export const loadFigures: Readonly<Record<string, MovementFigure>> = {
  'thigh-press': {
    ...seated('side', 'on the thighs', swing('side', leaning(24, -52), leaning(4, -20))),
    telling: 0,
    waits: leaning(4, -20),
  },
  'table-lean': atTable('side', held('side', LIGHT, LEANING)),
  'chair-arm-press': by(
    { stance: 'on a chair with arms', hands: 'on the support', from: 'corner', build: 1 },
    held('side', wrist(FIST, -20), { ...wrist(FIST, -30), 'hips.up': 40 }),
  ),
  'wall-lean': standing('wall', [8, 16], -62),
  'worktop-lean': standing('worktop', [18, 30], -62),
  'chair-seat-lean': standing('chair seat', [46, 53], -68),
  'all-fours': by(ON_FLOOR, held('side', wrist(PLATE, -34), { ...wrist(PLATE, -68), 'hips.ahead': 70 })),
  'feet-walked-back': by(
    ON_FLOOR,
    held('side', wrist(PLATE, -34), {
      ...wrist(PLATE, -68),
      'hips.ahead': 60,
      'hips.up': 90,
      'foot.up': 110,
    }),
  ),
  'straight-body-lean': by(
    { stance: 'on hands and feet', hands: 'on the support', from: 'side', build: 1 },
    held('side', { ...wrist(PLATE, -34), 'body.lean': 69 }, { ...wrist(PLATE, -68), 'body.lean': 72 }),
  ),
  'lean-with-breath': {
    ...atTable('side', swing('side', LEANING, LIGHT), { build: 2 }),
    telling: 0,
    waits: LIGHT,
  },
  'lean-circles': atTable('corner', round(12, 10)),
  'lean-eights': atTable(
    'front',
    through('side', [
      { ...wrist(PLATE, -50, 12), 'trunk.lean': 16, 'trunk.side': 9 },
      { ...wrist(PLATE, -66), 'trunk.lean': 22, 'trunk.side': 15 },
      { ...wrist(PLATE, -50, -12), 'trunk.lean': 8, 'trunk.side': 9 },
      { ...wrist(PLATE, -50, 12), 'trunk.lean': 16, 'trunk.side': -9 },
      { ...wrist(PLATE, -66), 'trunk.lean': 22, 'trunk.side': -15 },
      { ...wrist(PLATE, -50, -12), 'trunk.lean': 8, 'trunk.side': -9 },
    ]),
    { build: 4 },
  ),
  'lean-side-bends': atTable(
    'front',
    swing('side', leaning(12, -34), { ...leaning(14, -68), 'trunk.side': 18 }),
    { build: 1 },
  ),
  'lean-turned-out': by(
    { stance: 'on a chair at a table', hands: 'on the support', from: 'above' },
    held('side', { ...LIGHT, 'reach.turn': 62 }, { ...leaning(26, -58, 14), 'reach.turn': 62 }),
  ),
  'lean-turned-in': by(
    { stance: 'on a chair at a table', hands: 'on the support', from: 'above', build: 2 },
    held(
      'side',
      { ...leaning(12, -40), 'reach.turn': -165, 'reach.ahead': 130 },
      { ...leaning(-4, -70), 'reach.turn': -165, 'reach.ahead': 130 },
    ),
  ),
  'elbow-bend-press': atTable('side', swing('side', leaning(10, -60), leaning(34, -36)), { build: 3 }),
  'one-hand-lean': by(
    { stance: 'on a chair at a table', hands: 'one on the support', from: 'corner', build: 4 },
    held('side', LIGHT, leaning(26, -68)),
  ),
  'chair-seat-circles': by(
    { stance: 'standing at a chair seat', hands: 'on the support', from: 'corner', build: 2 },
    through('side', [
      { ...CIRCLE[0], 'body.lean': 50, 'hips.side': 60 },
      { ...CIRCLE[1], 'body.lean': 53 },
      { ...CIRCLE[2], 'body.lean': 50, 'hips.side': -60 },
      { ...CIRCLE[3], 'body.lean': 47 },
    ]),
  ),
  rocking: by(
    ON_FLOOR,
    swing('side', { ...wrist(PLATE, -34), 'hips.ahead': -110 }, { ...wrist(PLATE, -68), 'hips.ahead': 80 }),
  ),
  'circles-on-all-fours': by(
    { ...ON_FLOOR, from: 'corner', build: 4 },
    through('side', [
      { ...CIRCLE[0], 'hips.side': 60 },
      { ...CIRCLE[1], 'hips.ahead': 80 },
      { ...CIRCLE[2], 'hips.side': -60 },
      { ...CIRCLE[3], 'hips.ahead': -60 },
    ]),
  ),
};
