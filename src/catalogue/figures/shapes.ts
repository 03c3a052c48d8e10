import type { MovementFigure, Pose } from '@/core/hand';
import { wrist } from './poses';

type View = MovementFigure['view'];
type Rest = Omit<MovementFigure, 'view' | 'motion'>;

/** Out and back, half the time each. */
export const swing = (view: View, a: Pose, b: Pose, rest: Rest = {}): MovementFigure => ({
  view,
  motion: {
    kind: 'loop',
    keys: [
      { pose: a, share: 0.5 },
      { pose: b, share: 0.5 },
    ],
  },
  ...rest,
});

/** Through some poses in equal parts, round and round. */
export const through = (view: View, poses: readonly Pose[], rest: Rest = {}): MovementFigure => ({
  view,
  motion: { kind: 'loop', keys: poses.map((pose) => ({ pose, share: 1 / poses.length })) },
  ...rest,
});

/** Out, back through the start, out the other way, and back. */
export const sway = (view: View, middle: Pose, one: Pose, other: Pose, rest: Rest = {}): MovementFigure =>
  through(view, [middle, one, middle, other], rest);

export const held = (view: View, from: Pose, to: Pose, rest: Rest = {}): MovementFigure => ({
  view,
  motion: { kind: 'held', from, to },
  ...rest,
});

export const steps = (
  view: View,
  base: Pose,
  poses: Readonly<Record<string, Pose>>,
  rest: Rest = {},
): MovementFigure => ({
  view,
  motion: { kind: 'steps', base, poses },
  ...rest,
});

/** Steps of which each adds to the ones before it. */
export const building = (figure: MovementFigure): MovementFigure =>
  figure.motion.kind === 'steps' ? { ...figure, motion: { ...figure.motion, builds: true } } : figure;

/** The same seen from other sides in its passes: the hand really turns over. */
export const turning = (figure: MovementFigure, views: Readonly<Record<string, View>>): MovementFigure => ({
  ...figure,
  passes: Object.fromEntries(Object.entries(views).map(([name, view]) => [name, { view }])),
});

/** What moves otherwise in a pass, by its name. */
export const moving = (
  figure: MovementFigure,
  passes: NonNullable<MovementFigure['passes']>,
): MovementFigure => ({ ...figure, passes });

/** The hand's circle through its four corners. */
export const circle = (view: View, shape: Pose, rest: Rest = {}): MovementFigure =>
  through(view, [wrist(shape, -35), wrist(shape, 0, 24), wrist(shape, 35), wrist(shape, 0, -16)], rest);

/** The hands carried in a circle, mm, by a shape that does not change. */
export const carried = (view: View, shape: Pose, mm: number, rest: Rest = {}): MovementFigure =>
  through(
    view,
    [
      { ...shape, 'stage.lift': mm },
      { ...shape, 'stage.aside': mm },
      { ...shape, 'stage.lift': -mm },
      { ...shape, 'stage.aside': -mm },
    ],
    rest,
  );

/** Hands that part by some mm and meet again. */
export const meets = (shape: Pose, mm: number, rest: Rest): MovementFigure =>
  swing('palm', { ...shape, 'stage.gap': mm }, shape, rest);

/** A hand that only rests. */
export const rests = (shape: Pose, rest: Rest = {}, breath: Pose = {}): MovementFigure =>
  swing('palm', shape, { ...shape, ...breath }, rest);
export const ON_FINGERS = { scene: 'other hand on the fingers' } as const;
