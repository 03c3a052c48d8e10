import { memo } from '../remember';
import { between } from './between';
import { firstHalfMs, FREE_CYCLE_MS, type Beat, type Pass } from '../dose';
import { JOINT_LIMITS, type JointId } from './joints';
import type { PersonIn } from './person';
import type { PropShape } from './prop-shape';
import type { SceneKind } from './scenes';
import { blend, ease, fullPose, REST, type FullPose, type Pose } from './pose';

/** A key pose and the share of the cycle in which the hand comes to it. Shares of a loop add up to 1. */
export type KeyPose = { readonly pose: Pose; readonly share: number };

/**
 * How a hand moves. A loop goes round its key poses and ends where it began; a held
 * movement goes to a pose and stays; steps go from one named pose to the next. Where they build, each step says only
 * what it adds, it stays until the round turns back or a step that is not among them undoes all.
 */
export type Motion =
  | { readonly kind: 'loop'; readonly keys: readonly KeyPose[] }
  | { readonly kind: 'held'; readonly from: Pose; readonly to: Pose }
  | {
      readonly kind: 'steps';
      readonly base: Pose;
      readonly poses: Readonly<Record<string, Pose>>;
      readonly builds?: true;
    };

export type FigureView = 'palm' | 'back' | 'side';

export type MovementFigure = {
  readonly motion: Motion;
  /** From where a hand that stands by itself is seen. */
  readonly view: FigureView;
  /** How the two hands stand to each other; apart when not said. */
  readonly scene?: SceneKind;
  /** What they hold. */
  readonly prop?: PropShape;
  /** Who does it: the picture itself where the body moves, beside the hands where it tells where they are. */
  readonly person?: PersonIn;
  /** The key pose, or the step, that tells the movement best; the second where not said. */
  readonly telling?: number | string;
  /** What the hand that does not lead does at the same time, where it is something else. */
  readonly other?: Motion;
  /** How what has nothing to do is held, in a rest too; where the movement begins, where not said. */
  readonly waits?: Pose;
  /** Hand by hand: while one does it, the other does the opposite. */
  readonly counter?: true;
  /** One hand moves while the other stays where it began. */
  readonly oneAtATime?: true;
  /** What looks different in a pass, by its name. */
  readonly passes?: Readonly<Record<string, FigureInPass>>;
};

type FigureInPass = Partial<Pick<MovementFigure, 'motion' | 'view' | 'scene' | 'person'>>;

/** A movement as it looks in one of its passes. */
export function figureInPass(figure: MovementFigure, pass: Pass): MovementFigure {
  const { passes } = figure;
  if (!passes || !Object.hasOwn(passes, pass.name)) return figure;
  return inPass([figure], pass.name, () => ({ ...figure, ...passes[pass.name] }));
}
const inPass = memo<MovementFigure>();

/** Longest time a hand takes to come into a hold or a step, ms. */
const COMING_MS = 700;

/** The pose of a loop at a phase in [0, 1), eased between key poses. Key 0 is where the loop begins and ends. */
export function loopPose(keys: readonly KeyPose[], phase: number): FullPose {
  let start = 0;
  for (let i = 0; i < keys.length; i++) {
    const from = keys[i]!;
    const to = keys[(i + 1) % keys.length]!;
    if (phase < start + to.share || i === keys.length - 1) {
      const share = to.share > 0 ? Math.min(1, (phase - start) / to.share) : 1;
      return between(from.pose, to.pose, ease(share));
    }
    start += to.share;
  }
  return REST;
}

/** All that is done in a movement: by either hand, in every pass. */
export const motionsOf = ({ motion, other, passes = {} }: MovementFigure): readonly Motion[] => [
  motion,
  ...(other ? [other] : []),
  ...Object.values(passes).flatMap((pass) => pass.motion ?? []),
];

/** A figure with each of its motions changed: its own, the other hand's, and those of its passes. */
function withMotions(figure: MovementFigure, change: (motion: Motion) => Motion): MovementFigure {
  const { motion, other, passes } = figure;
  return {
    ...figure,
    motion: change(motion),
    ...(other && { other: change(other) }),
    ...(passes && {
      passes: Object.fromEntries(
        Object.entries(passes).map(([name, pass]) => [
          name,
          pass.motion ? { ...pass, motion: change(pass.motion) } : pass,
        ]),
      ),
    }),
  };
}

/** Loops of two poses with their time split as the movement asks: this share out, the rest back. */
export const withSplit = (figure: MovementFigure, workShare: number): MovementFigure =>
  withMotions(figure, (motion) => {
    if (motion.kind !== 'loop' || motion.keys.length !== 2) return motion;
    const [start, end] = motion.keys as readonly [KeyPose, KeyPose];
    return {
      kind: 'loop',
      keys: [
        { ...start, share: 1 - workShare },
        { ...end, share: workShare },
      ],
    };
  });

/** A figure with each pose of it changed. */
export const withPoses = (figure: MovementFigure, change: (pose: Pose) => Pose): MovementFigure => ({
  ...withMotions(figure, (motion) => mapPoses(motion, change)),
  ...(figure.waits && { waits: change(figure.waits) }),
});

function mapPoses(motion: Motion, change: (pose: Pose) => Pose): Motion {
  switch (motion.kind) {
    case 'loop':
      return { ...motion, keys: motion.keys.map((k) => ({ ...k, pose: change(k.pose) })) };
    case 'held':
      return { ...motion, from: change(motion.from), to: change(motion.to) };
    case 'steps':
      return { ...motion, base: change(motion.base), poses: mapSteps(motion.poses, change) };
  }
}

const mapSteps = (poses: Steps['poses'], change: (pose: Pose) => Pose): Steps['poses'] =>
  Object.fromEntries(Object.entries(poses).map(([name, pose]) => [name, change(pose)]));

/** Only some of a motion's poses, by their places: of a loop in equal parts, of steps in their order. */
export function amongPoses(motion: Motion, places: readonly number[]): Motion {
  switch (motion.kind) {
    case 'held':
      return motion;
    case 'loop':
      return {
        kind: 'loop',
        keys: places.map((i) => ({ pose: motion.keys[i]!.pose, share: 1 / places.length })),
      };
    case 'steps': {
      const steps = Object.entries(motion.poses);
      return { ...motion, poses: Object.fromEntries(places.map((i) => steps[i]!)) };
    }
  }
}

/**
 * The same movement in a smaller range, 0 to 1: so much of the way from how it waits. A loop of more than two poses goes round
 * its middle, as a circle does.
 */
export function withRange(figure: MovementFigure, share: number): MovementFigure {
  return withMotions(figure, (motion) => {
    const isRound = motion.kind === 'loop' && motion.keys.length > 2;
    const from = isRound ? middleOf(motion.keys) : waitingPose({ ...figure, motion });
    const at = (pose: Pose): FullPose => blend(from, fullPose(pose), share);
    switch (motion.kind) {
      case 'loop':
        return { ...motion, keys: motion.keys.map((k) => ({ ...k, pose: at(k.pose) })) };
      case 'held':
        return { ...motion, to: at(motion.to) };
      case 'steps':
        return { ...motion, poses: mapSteps(motion.poses, at) };
    }
  });
}

const middleOf = (keys: readonly KeyPose[]): FullPose =>
  keys.reduce((sum, key, i) => blend(sum, fullPose(key.pose), 1 / (i + 1)), fullPose(keys[0]!.pose));

/** Where a movement begins. */
export function startPose(motion: Motion): FullPose {
  switch (motion.kind) {
    case 'loop':
      return fullPose(motion.keys[0]?.pose ?? {});
    case 'held':
      return fullPose(motion.from);
    case 'steps':
      return fullPose(motion.base);
  }
}

/** The pose a movement goes to first. */
export const tellingPose = (motion: Motion): FullPose => keyPoses(motion)[1] ?? startPose(motion);

/** A moment of one round of a movement, with what the other hand does then. */
export type Moment = { readonly pose: FullPose; readonly other: FullPose };

/** The most telling moment, for a still picture. */
export function tellingMoment(figure: MovementFigure): Moment {
  const { motion, telling } = figure;
  const moments = keyMoments(figure);
  if (motion.kind === 'steps') {
    const step = Math.max(0, Object.keys(motion.poses).indexOf(String(telling)));
    return moments[1 + step] ?? moments[0]!;
  }
  return moments[typeof telling === 'number' ? telling : 1] ?? moments[0]!;
}

/** The moments at which a movement comes to its key poses. */
export function keyMoments(figure: MovementFigure): readonly Moment[] {
  const { motion } = figure;
  if (motion.kind !== 'loop')
    return keyPoses(motion).map((pose, i) => ({
      pose,
      other: (figure.other && keyPoses(figure.other)[i]) ?? otherPose(figure, pose, null),
    }));
  let share = 0;
  return motion.keys.map((key, i) => {
    if (i > 0) share += key.share;
    const pose = fullPose(key.pose);
    return { pose, other: otherPose(figure, pose, share) };
  });
}

const [LOOP_LOOKS, WAY_LOOKS] = [24, 8];

/** Moments all through a movement, close enough together to draw its way: once round, or there. */
export function momentsOf(figure: MovementFigure): readonly Moment[] {
  const { motion } = figure;
  if (motion.kind === 'loop')
    return Array.from({ length: LOOP_LOOKS + 1 }, (_, i) => {
      const share = (i / LOOP_LOOKS) % 1;
      const pose = loopPose(motion.keys, share);
      return { pose, other: otherPose(figure, pose, share) };
    });
  const start = keyMoments(figure)[0]!;
  const end = motion.kind === 'steps' ? tellingMoment(figure) : keyMoments(figure)[1]!;
  return Array.from({ length: WAY_LOOKS + 1 }, (_, i) => ({
    pose: between(start.pose, end.pose, i / WAY_LOOKS),
    other: between(start.other, end.other, i / WAY_LOOKS),
  }));
}

/** The pose of the hand that does not lead, at some share of the round. */
function otherPose(figure: MovementFigure, pose: FullPose, share: number | null): FullPose {
  const { motion } = figure;
  if (figure.other)
    return figure.other.kind === 'loop' ? loopPose(figure.other.keys, share ?? 0) : startPose(figure.other);
  if (figure.oneAtATime) return waitingPose(figure);
  if (!figure.counter) return pose;
  return motion.kind === 'loop' && share !== null
    ? loopPose(motion.keys, (share + 0.5) % 1)
    : startPose(motion);
}

/** How a hand, a foot or a body is held that has nothing to do. */
export const waitingPose = (figure: MovementFigure): FullPose =>
  figure.waits ? fullPose(figure.waits) : startPose(figure.motion);

/** The pose of the working hand inside a beat; `before` is the beat it came from. */
export function poseInBeat(motion: Motion, beat: Beat, before: Beat | null, offsetMs: number): FullPose {
  const inside = offsetMs - beat.startMs;
  if (beat.kind === 'change' || beat.kind === 'rest') return startPose(motion);
  switch (motion.kind) {
    case 'loop':
      return loopPose(motion.keys, phaseOf(beat, inside));
    case 'held': {
      const { from, to } = motion;
      if (beat.kind === 'relax') return between(to, from, coming(inside, beat.durationMs));
      return between(from, to, coming(inside, beat.durationMs));
    }
    case 'steps': {
      const poseOf = (b: Beat | null) => (b?.step ? stepPose(motion, b) : motion.base);
      return between(poseOf(before), poseOf(beat), coming(inside, beat.durationMs));
    }
  }
}

type Steps = Extract<Motion, { kind: 'steps' }>;

/** The pose of a step; where steps build, with all that was added before it and not yet undone. */
function stepPose({ base, poses, builds }: Steps, { step, back, pass }: Beat): Pose {
  if (step === null || !Object.hasOwn(poses, step)) return base;
  if (!builds) return poses[step]!;
  const order = pass.reversed ? Object.keys(poses).toReversed() : Object.keys(poses);
  const added = order.slice(0, order.indexOf(step) + (back ? 0 : 1));
  return Object.assign({}, base, ...added.map((name) => poses[name]!)) as Pose;
}

const coming = (inside: number, durationMs: number): number =>
  ease(Math.min(1, inside / Math.min(COMING_MS, durationMs * 0.6)));

/** A repetition is one round; a breath opens on its first half; the other direction runs the round backwards. */
function phaseOf(beat: Beat, inside: number): number {
  const share = Math.min(0.999999, Math.max(0, inside / beat.durationMs));
  const forward = () => {
    if (beat.kind === 'free') return (inside % FREE_CYCLE_MS) / FREE_CYCLE_MS;
    if (beat.kind !== 'breath') return share;
    const first = firstHalfMs(beat) / beat.durationMs;
    return share < first ? (share / first) * 0.5 : 0.5 + ((share - first) / (1 - first)) * 0.5;
  };
  return beat.pass.reversed ? (1 - forward()) % 1 : forward();
}

/** Each step with its whole pose, as it is when the steps come in order. */
export function withWholePoses(motion: Motion): Motion {
  if (motion.kind !== 'steps' || !motion.builds) return motion;
  const { base } = motion;
  let pose = base;
  const poses = Object.entries(motion.poses).map(
    ([name, added]) => [name, (pose = { ...pose, ...added })] as const,
  );
  return { kind: 'steps', base, poses: Object.fromEntries(poses) };
}

const stepPoses = (motion: Steps): readonly Pose[] => {
  const whole = withWholePoses(motion);
  return whole.kind === 'steps' ? Object.values(whole.poses) : [];
};

/** Every pose a movement passes through by name. */
export function keyPoses(motion: Motion): readonly FullPose[] {
  switch (motion.kind) {
    case 'loop':
      return motion.keys.map((k) => fullPose(k.pose));
    case 'held':
      return [fullPose(motion.from), fullPose(motion.to)];
    case 'steps':
      return [fullPose(motion.base), ...stepPoses(motion).map(fullPose)];
  }
}

/** Range demand: the extreme angles each joint is taken to, degrees; joints that do not move are left out. */
export function rangeDemand(
  motion: Motion,
): Readonly<Partial<Record<JointId, { min: number; max: number }>>> {
  const poses = keyPoses(motion);
  const demand: Partial<Record<JointId, { min: number; max: number }>> = {};
  for (const { id } of JOINT_LIMITS) {
    const angles = poses.map((p) => p[id]);
    const [min, max] = [Math.min(...angles), Math.max(...angles)];
    if (min !== max) demand[id] = { min, max };
  }
  return demand;
}
