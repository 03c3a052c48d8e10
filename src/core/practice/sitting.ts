import { isSeated } from '../body';
import type { Hand } from '../dose';
import {
  handWorks,
  poseOfHand,
  whereOf,
  type FullPose,
  type MovementFigure,
  type PersonIn,
  type Showing,
} from '../hand';
import { wayOfHands } from './hands-of-small';

/** Somebody who sits with nothing to do. */
export const AT_REST: PersonIn = { stance: 'on a chair', hands: 'in the lap', from: 'front', shows: 'upper' };

/** The pose of a hand that goes so far of the way, as somebody small shows it. */
export function followed(figure: MovementFigure, hand: Hand, showing: Showing | null, range = 1): FullPose {
  const start = poseOfHand(figure, hand, null);
  const reached = towards(start, poseOfHand(figure, hand, showing), range);
  return { ...reached, ...added(reached, wayOfHands(figure, start, reached)) };
}

/** Where they sit or stand for it, seen from before them. */
export function seatOf(figure: MovementFigure): PersonIn {
  const { stance, hands, shows } = figure.person ?? whereOf(figure)!.person;
  return {
    stance,
    hands,
    from: 'front',
    ...(isSeated(stance) && shows !== 'feet' && { shows: 'upper' as const }),
  };
}

/** What strain adds to the way they sit. */
export const added = (pose: FullPose, strained: Partial<FullPose>): Partial<FullPose> =>
  Object.fromEntries(
    Object.entries(strained).map(([axis, by]) => [axis, pose[axis as keyof FullPose] + by]),
  ) as Partial<FullPose>;

const towards = (from: FullPose, to: FullPose, share: number): FullPose =>
  share >= 1
    ? to
    : (Object.fromEntries(
        Object.entries(to).map(([axis, angle]) => {
          const start = from[axis as keyof FullPose];
          return [axis, start + (angle - start) * share];
        }),
      ) as FullPose);

/** As seen from before them their right is on the left. */
export function stageFor(L: FullPose, R: FullPose, showing: Showing | null = null) {
  const works = (hand: Hand) => showing === null || handWorks(showing.beat, hand);
  const working =
    works('L') === works('R') ? ('both' as const) : works('L') ? ('L' as const) : ('R' as const);
  return {
    poses: { L, R },
    working,
    swapped: Boolean(showing?.beat.pass.swapped),
    order: ['R', 'L'] as const,
  };
}
