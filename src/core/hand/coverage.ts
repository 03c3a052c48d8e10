import { doseTotals, FREE_CYCLE_MS, passesOf, stepsOfRound, type Dose, type Hand } from '../dose';
import { memo } from '../remember';
import { JOINT_LIMITS, type JointId } from './joints';
import {
  figureInPass,
  loopPose,
  startPose,
  withWholePoses,
  type Motion,
  type MovementFigure,
} from './motion';
import { fullPose, type FullPose, type Pose } from './pose';

/** Degrees a joint has travelled, there and back, by joint; joints that did not move are left out. */
type Arcs = Readonly<Partial<Record<JointId, number>>>;
export type Coverage = Readonly<Record<Hand, Arcs>>;

/** The arc each joint travels in one repetition, hold, breath or whole round of a sequence, degrees. */
export const arcsPerRound = (motion: Motion, steps: readonly string[] = []): Arcs =>
  perRound([motion], steps.join(), () => {
    const path = roundOf(motion, steps);
    const arcs: Partial<Record<JointId, number>> = {};
    for (const { id } of JOINT_LIMITS) {
      const travelled = path.slice(1).reduce((sum, pose, i) => sum + Math.abs(pose[id] - path[i]![id]), 0);
      if (travelled > 0) arcs[id] = travelled;
    }
    return arcs;
  });
const perRound = memo<Arcs>();

/** The poses a round passes through, ending where it began. */
function roundOf(motion: Motion, steps: readonly string[]): readonly FullPose[] {
  const start = startPose(motion);
  switch (motion.kind) {
    case 'loop':
      return [...motion.keys.map((k) => fullPose(k.pose)), loopPose(motion.keys, 0)];
    case 'held':
      return [start, fullPose(motion.to), start];
    case 'steps':
      return [start, ...steps.map((s) => fullPose(posesOf(motion)[s] ?? motion.base)), start];
  }
}

const posesOf = (motion: Motion): Readonly<Record<string, Pose>> => {
  const whole = withWholePoses(motion);
  return whole.kind === 'steps' ? whole.poses : {};
};

/** What a dose of a movement moves, left and right, pass by pass: arc of a round x rounds. */
export function coverageOf(figure: MovementFigure, dose: Dose): Coverage {
  const { count } = dose;
  const { byPass } = doseTotals(dose);
  return sumCoverage(
    passesOf(dose).map((pass) => {
      const steps = count.mode === 'sequence' ? stepsOfRound(count, pass.reversed) : [];
      const arcs = arcsPerRound(figureInPass(figure, pass).motion, steps);
      const freeRounds = count.mode === 'time' ? (pass.ms ?? count.timeMs) / FREE_CYCLE_MS : 1;
      const rounds = (counted: number) => (counted / (steps.length || 1)) * freeRounds;
      const { left, right } = byPass.get(pass.name)!;
      return { L: times(arcs, rounds(left)), R: times(arcs, rounds(right)) };
    }),
  );
}

/** Many at once, each joint added up in place. */
export function sumCoverage(all: readonly Coverage[]): Coverage {
  const total: Record<Hand, Partial<Record<JointId, number>>> = { L: {}, R: {} };
  for (const coverage of all)
    for (const hand of ['L', 'R'] as const)
      for (const [id, degrees] of Object.entries(coverage[hand]) as [JointId, number][])
        total[hand][id] = (total[hand][id] ?? 0) + degrees;
  return total;
}

const times = (arcs: Arcs, n: number): Arcs =>
  n === 0 ? {} : Object.fromEntries(Object.entries(arcs).map(([id, degrees]) => [id, degrees * n]));
