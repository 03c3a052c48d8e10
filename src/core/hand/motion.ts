import { firstHalfMs, FREE_CYCLE_MS, type Beat, type Pass } from '../dose';
import { JOINT_LIMITS, type JointId } from './joints';
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
  /** Hand by hand: while one does it, the other does the opposite. */
  readonly counter?: true;
  /** One hand moves while the other stays where it began. */
  readonly oneAtATime?: true;
  /** What looks different in a pass, by its name. */
  readonly passes?: Readonly<Record<string, FigureInPass>>;
};

type FigureInPass = {
  readonly motion?: Motion;
  readonly view?: FigureView;
  readonly scene?: SceneKind;
};

/** A movement as it looks in one of its passes. */
export function figureInPass(figure: MovementFigure, pass: Pass): MovementFigure {
  const { passes } = figure;
  return passes && Object.hasOwn(passes, pass.name) ? { ...figure, ...passes[pass.name] } : figure;
}

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
      return blend(fullPose(from.pose), fullPose(to.pose), ease(share));
    }
    start += to.share;
  }
  return REST;
}

/** A loop of two poses with its time split as the movement asks: this share out, the rest back. */
export function withSplit(figure: MovementFigure, workShare: number): MovementFigure {
  const { motion } = figure;
  if (motion.kind !== 'loop' || motion.keys.length !== 2) return figure;
  const [start, end] = motion.keys as readonly [KeyPose, KeyPose];
  const keys = [
    { ...start, share: 1 - workShare },
    { ...end, share: workShare },
  ];
  return { ...figure, motion: { kind: 'loop', keys } };
}

/**
 * The same movement in a smaller range, 0 to 1. A loop of two poses goes so much of the way from where it begins; one of more goes round
 * its middle, as a circle does.
 */
export function withRange(figure: MovementFigure, share: number): MovementFigure {
  const { motion } = figure;
  const from = motion.kind === 'loop' && motion.keys.length > 2 ? middleOf(motion.keys) : startPose(motion);
  const at = (pose: Pose): FullPose => blend(from, fullPose(pose), share);
  switch (motion.kind) {
    case 'loop':
      return { ...figure, motion: { ...motion, keys: motion.keys.map((k) => ({ ...k, pose: at(k.pose) })) } };
    case 'held':
      return { ...figure, motion: { ...motion, to: at(motion.to) } };
    case 'steps': {
      const steps = Object.entries(motion.poses).map(([name, pose]) => [name, at(pose)]);
      return { ...figure, motion: { ...motion, poses: Object.fromEntries(steps) as typeof motion.poses } };
    }
  }
}

const middleOf = (keys: readonly KeyPose[]): FullPose =>
  keys.reduce((sum, key, i) => blend(sum, fullPose(key.pose), 1 / (i + 1)), fullPose(keys[0]!.pose));

/** Where a movement begins, and where a hand waits. */
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

/** The most telling pose, for a still picture. */
export function tellingPose(motion: Motion): FullPose {
  switch (motion.kind) {
    case 'loop':
      return fullPose(motion.keys[1]?.pose ?? motion.keys[0]?.pose ?? {});
    case 'held':
      return fullPose(motion.to);
    case 'steps':
      return fullPose(stepPoses(motion)[0] ?? motion.base);
  }
}

/** What the other hand does at the most telling moment of hands that do opposite things. */
export function oppositePose(motion: Motion): FullPose {
  if (motion.kind !== 'loop') return startPose(motion);
  const share = motion.keys[1]?.share ?? 0;
  return loopPose(motion.keys, (share + 0.5) % 1);
}

/** The pose of the working hand inside a beat; `before` is the beat it came from. */
export function poseInBeat(motion: Motion, beat: Beat, before: Beat | null, offsetMs: number): FullPose {
  const inside = offsetMs - beat.startMs;
  if (beat.kind === 'change' || beat.kind === 'rest') return startPose(motion);
  switch (motion.kind) {
    case 'loop':
      return loopPose(motion.keys, phaseOf(beat, inside));
    case 'held': {
      const [from, to] = [fullPose(motion.from), fullPose(motion.to)];
      if (beat.kind === 'relax') return blend(to, from, coming(inside, beat.durationMs));
      return blend(from, to, coming(inside, beat.durationMs));
    }
    case 'steps': {
      const poseOf = (b: Beat | null) => fullPose(b?.step ? stepPose(motion, b) : motion.base);
      return blend(poseOf(before), poseOf(beat), coming(inside, beat.durationMs));
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
