import { keyMoments, loopPose, type MovementFigure } from '@/core/hand/motion';
import { between as way } from '@/core/hand/between';
import type { FullPose } from '@/core/hand/pose';

/** The key poses of a movement, and so many between them. */
export function posesThrough(figure: MovementFigure, between: number): readonly FullPose[] {
  const { motion } = figure;
  const keys = keyMoments(figure).map(({ pose }) => pose);
  const shares = Array.from({ length: between }, (_, i) => (i + 0.5) / between);
  if (motion.kind === 'loop') return [...keys, ...shares.map((share) => loopPose(motion.keys, share))];
  const each = Math.ceil(between / Math.max(1, keys.length - 1));
  return keys.flatMap((pose, i) => {
    const next = keys[i + 1];
    return next
      ? [pose, ...shares.slice(0, each).map((_, k) => way(pose, next, (k + 1) / (each + 1)))]
      : [pose];
  });
}
