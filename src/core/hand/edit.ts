import { tellingPose, type KeyPose, type Motion } from './motion';
import { fullPose, withinLimits, type Pose } from './pose';

/** A pose of a motion as an editor lists it. */
type ListedPose = { readonly name: string; readonly pose: Pose };

/** The poses of a motion in the order they come. */
export function listPoses(motion: Motion): readonly ListedPose[] {
  switch (motion.kind) {
    case 'loop':
      return motion.keys.map(({ pose }, i) => ({ name: `Pose ${i + 1}`, pose }));
    case 'held':
      return [
        { name: 'From', pose: motion.from },
        { name: 'Held', pose: motion.to },
      ];
    case 'steps':
      return [
        { name: 'Between', pose: motion.base },
        ...Object.entries(motion.poses).map(([name, pose]) => ({ name, pose })),
      ];
  }
}

/** The motion with one of its listed poses set, brought inside the limits. */
export function withListedPose(motion: Motion, index: number, pose: Pose): Motion {
  const safe = withinLimits(pose);
  switch (motion.kind) {
    case 'loop':
      return { ...motion, keys: motion.keys.map((k, i) => (i === index ? { ...k, pose: safe } : k)) };
    case 'held':
      return index === 0 ? { ...motion, from: safe } : { ...motion, to: safe };
    case 'steps': {
      if (index === 0) return { ...motion, base: safe };
      const name = Object.keys(motion.poses)[index - 1];
      return name === undefined ? motion : { ...motion, poses: { ...motion.poses, [name]: safe } };
    }
  }
}

/** A loop with a copy of one pose after it; the time is shared out evenly anew. */
export function withPoseAfter(motion: Motion, index: number): Motion {
  if (motion.kind !== 'loop') return motion;
  const { keys } = motion;
  const copy = keys[index];
  return copy
    ? { ...motion, keys: evenly([...keys.slice(0, index + 1), copy, ...keys.slice(index + 1)]) }
    : motion;
}

/** A loop without one of its poses; two stay. */
export function withoutPose(motion: Motion, index: number): Motion {
  if (motion.kind !== 'loop' || motion.keys.length <= 2) return motion;
  return { ...motion, keys: evenly(motion.keys.filter((_, i) => i !== index)) };
}

const evenly = (keys: readonly KeyPose[]): readonly KeyPose[] =>
  keys.map((k) => ({ ...k, share: 1 / keys.length }));

/** The same movement moving another way, with as many of its poses as that way can hold. */
export function asKind(motion: Motion, kind: Motion['kind'], steps: readonly string[]): Motion {
  const poses = listPoses(motion).map((p) => p.pose);
  const [first = {}, second = fullPose(tellingPose(motion))] = poses;
  switch (kind) {
    case 'loop':
      return {
        kind,
        keys: evenly((poses.length > 1 ? poses : [first, second]).map((pose) => ({ pose, share: 0 }))),
      };
    case 'held':
      return { kind, from: first, to: second };
    case 'steps':
      return withSteps({ kind, base: first, poses: {} }, steps, second);
  }
}

/** A pose for each step of the sequence: those there are kept, new ones start as `fresh`. */
export function withSteps(motion: Motion, steps: readonly string[], fresh: Pose = {}): Motion {
  if (motion.kind !== 'steps') return motion;
  return {
    ...motion,
    poses: Object.fromEntries(steps.map((s) => [s, motion.poses[s] ?? fullPose(fresh)])),
  };
}
