import type { Beat, Hand } from '../dose';
import { poseInBeat, waitingPose, type MovementFigure } from './motion';
import type { FullPose } from './pose';

/** A moment of a count: the beat under way, the one before it, and the time from the start of the count. */
export type Showing = { readonly beat: Beat; readonly before: Beat | null; readonly offsetMs: number };

/** The moment at an offset, or null when nothing is counted then. */
export function showingAt(beats: readonly Beat[], offsetMs: number): Showing | null {
  const at = beats.findIndex((b) => b.startMs <= offsetMs && offsetMs < b.startMs + b.durationMs);
  return at < 0 ? null : { beat: beats[at]!, before: beats[at - 1] ?? null, offsetMs };
}

/** The first few beats over and over, to show a movement before it is counted. */
export function previewAt(beats: readonly Beat[], offsetMs: number): Showing | null {
  const firstBout = beats.filter((b) => b.bout === 0);
  const shown = firstBout.slice(0, firstBout[0]?.kind === 'step' ? 8 : 2);
  const last = shown.at(-1);
  return last ? showingAt(shown, offsetMs % (last.startMs + last.durationMs)) : null;
}

/** Does this hand work in this beat? */
export const handWorks = ({ side }: Beat, hand: Hand): boolean =>
  side === hand || side === 'both' || side === 'alternating';

/** The same moment of the hand that takes the steps from the other end. */
function mirrored(beat: Beat | null, { motion }: MovementFigure): Beat | null {
  if (beat === null || beat.step === null || motion.kind !== 'steps') return beat;
  const order = Object.keys(motion.poses);
  return { ...beat, step: order[order.length - 1 - order.indexOf(beat.step)] ?? beat.step };
}

/** The working hand moves with the count; the other waits, helps, or does the opposite where hands take turns. */
export function poseOfHand(figure: MovementFigure, hand: Hand, showing: Showing | null): FullPose {
  const { motion, other, counter } = figure;
  if (!showing) return waitingPose(figure);
  const { beat, before, offsetMs } = showing;
  const isFollower = beat.side === 'both' ? hand === (beat.pass.swapped ? 'R' : 'L') : !handWorks(beat, hand);
  if (other && isFollower) return poseInBeat(other, beat, before, offsetMs);
  if (beat.kind === 'change' || beat.kind === 'rest') return waitingPose(figure);
  if (counter && isFollower && motion.kind === 'steps')
    return poseInBeat(motion, mirrored(beat, figure)!, mirrored(before, figure), offsetMs);
  if (counter && isFollower) {
    const half = beat.startMs + ((offsetMs - beat.startMs + beat.durationMs / 2) % beat.durationMs);
    return poseInBeat(motion, beat, before, half);
  }
  return handWorks(beat, hand) ? poseInBeat(motion, beat, before, offsetMs) : waitingPose(figure);
}
