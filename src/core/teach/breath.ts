import { firstHalfMs, SHORTEST_BREATH_MS, type Beat } from '../dose';
import type { RowVoice } from './ticks';

/** Where a breath is: in or out, and how full from 0 to 1. */
export type BreathNow = { readonly way: 'in' | 'out'; readonly full: number };

/** The breath that goes with a beat at a moment; null where breath comes as it comes, or would be hurried. */
export function breathAt(
  beat: Beat,
  offsetMs: number,
  { breathFirst, workShare }: RowVoice,
): BreathNow | null {
  const inside = Math.min(1, Math.max(0, (offsetMs - beat.startMs) / beat.durationMs));
  if (beat.kind === 'breath')
    return halfAt(inside, firstHalfMs(beat) / beat.durationMs, beat.outFirst ? 'out' : 'in');
  const isBreathed = beat.kind === 'rep' && beat.durationMs >= SHORTEST_BREATH_MS;
  return isBreathed && breathFirst ? halfAt(inside, workShare, breathFirst) : null;
}

function halfAt(inside: number, firstShare: number, first: 'in' | 'out'): BreathNow {
  const inFirst = inside < firstShare;
  const way = inFirst === (first === 'in') ? 'in' : 'out';
  const part = inFirst ? inside / firstShare : (inside - firstShare) / (1 - firstShare);
  return { way, full: way === 'in' ? part : 1 - part };
}
