import type { Beat } from '../dose/script';
import { breathInMs } from '../dose/pace';

export type Tick = {
  /** From the start of the count, ms. */
  readonly atMs: number;
  readonly tone: 'count' | 'second' | 'breath' | 'change';
  /** What a voice says, in a word or two; empty where only the click sounds. */
  readonly word: string;
};

/** Shortest time in which a spoken number is clear, ms. */
const SPEAKABLE_MS = 550;

/** Every click and word of a count, in order. Holds count their own seconds, so the voice never has to keep them. */
export function ticksOf(beats: readonly Beat[]): readonly Tick[] {
  return beats.flatMap(ticksOfBeat);
}

function ticksOfBeat(beat: Beat): readonly Tick[] {
  const at = beat.startMs;
  switch (beat.kind) {
    case 'rep':
      return [{ atMs: at, tone: 'count', word: beat.durationMs >= SPEAKABLE_MS ? String(beat.number) : '' }];
    case 'step':
      return [{ atMs: at, tone: 'count', word: beat.durationMs >= SPEAKABLE_MS ? (beat.step ?? '') : '' }];
    case 'hold':
      return Array.from({ length: Math.ceil(beat.durationMs / 1000) }, (_, second) => ({
        atMs: at + second * 1000,
        tone: second === 0 ? ('count' as const) : ('second' as const),
        word: beat.durationMs <= 15_000 ? String(second + 1) : second === 0 ? 'hold' : '',
      }));
    case 'relax':
      return [{ atMs: at, tone: 'second', word: 'ease off' }];
    case 'breath':
      return [
        { atMs: at, tone: 'breath', word: 'in' },
        { atMs: at + breathInMs(beat.durationMs), tone: 'breath', word: 'out' },
      ];
    case 'free':
      return [{ atMs: at, tone: 'count', word: '' }];
    case 'change':
    case 'rest':
      return [{ atMs: at, tone: 'change', word: changeWord(beat) }];
  }
}

/** What is said when something changes, always the group's own side. */
export function changeWord(beat: Beat): string {
  if (beat.kind === 'rest') return 'rest';
  switch (beat.change) {
    case 'side':
    case 'set':
      return beat.side === 'L' ? 'now the left' : beat.side === 'R' ? 'now the right' : 'once more';
    case 'direction':
      return 'the other way';
    case 'lead':
      return 'other hand on top';
    default:
      return '';
  }
}
