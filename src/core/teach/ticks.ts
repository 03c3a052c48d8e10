import { breathInMs, type Beat } from '../dose';
import { numberWord, type CountStyle } from './count-style';

export type Tone = 'count' | 'second' | 'breath' | 'change';

/** One click, and what a voice says with it; empty where only the click sounds. */
export type Click = {
  /** From the start of the count, ms. */
  readonly atMs: number;
  readonly tone: Tone;
  readonly word: string;
};

/** What the voice knows of a row besides its beats. */
export type RowVoice = {
  readonly cue: string;
  readonly watch: string;
  /** The half of the breath that goes with the work; null where breath comes as it comes. */
  readonly breathFirst: 'in' | 'out' | null;
  readonly workShare: number;
  /** One beat of the row's music, ms. */
  readonly beatMs: number | null;
};

export const NO_VOICE: RowVoice = {
  cue: '',
  watch: '',
  breathFirst: null,
  workShare: 0.5,
  beatMs: null,
};

/** Shortest time in which a spoken number is clear, ms. */
const SPEAKABLE_MS = 550;
/** A hold longer than this is not counted by the second. */
const SECONDS_UP_TO_MS = 15_000;

/** Every click of a count with the word that goes with it. Holds count their own seconds, so the voice never has to keep them. */
export const ticksOf = (beats: readonly Beat[], style: CountStyle, voice: RowVoice): readonly Click[] =>
  beats.flatMap((beat) => ticksOfBeat(beat, style, voice));

function ticksOfBeat(beat: Beat, style: CountStyle, voice: RowVoice): readonly Click[] {
  const at = beat.startMs;
  const number = numberWord(style, beat.number, beat.of);
  switch (beat.kind) {
    case 'step':
      return [
        { atMs: at, tone: 'count', word: style.order === 'silent' ? '' : clear(beat, beat.step ?? '') },
      ];
    case 'rep':
      return repeated(beat, style, voice, number);
    case 'hold':
      return held(beat, style, voice, number);
    case 'breath':
      return style.unit === 'repetition'
        ? [{ atMs: at, tone: 'breath', word: number }]
        : halves(beat, breathInMs(beat.durationMs), ['in', 'out'], style);
    case 'relax':
      return [{ atMs: at, tone: 'second', word: 'ease off' }];
    case 'free':
      return [{ atMs: at, tone: 'count', word: '' }];
    case 'change':
    case 'rest':
      return [{ atMs: at, tone: 'change', word: changeWord(beat) }];
  }
}

function repeated(beat: Beat, style: CountStyle, voice: RowVoice, number: string): readonly Click[] {
  const { unit } = style;
  if (unit === 'second') return seconds(beat, style, beat.durationMs);
  if (unit === 'breath' && voice.breathFirst) {
    const words = voice.breathFirst === 'in' ? (['in', 'out'] as const) : (['out', 'in'] as const);
    return halves(beat, Math.round(beat.durationMs * voice.workShare), words, style);
  }
  if (voice.beatMs && (unit === 'beat' || unit === 'usual')) return toMusic(beat, voice.beatMs, number);
  return [{ atMs: beat.startMs, tone: 'count', word: clear(beat, number) }];
}

function held(beat: Beat, style: CountStyle, { beatMs }: RowVoice, number: string): readonly Click[] {
  if (style.unit === 'repetition') return [{ atMs: beat.startMs, tone: 'count', word: number || 'hold' }];
  if (style.unit === 'beat' && beatMs) return toMusic(beat, beatMs, 'hold');
  const ticks = seconds(beat, style, beat.durationMs);
  return beat.durationMs <= SECONDS_UP_TO_MS
    ? ticks
    : ticks.map((t, i) => ({ ...t, word: i === 0 ? 'hold' : '' }));
}

const seconds = ({ startMs }: Beat, style: CountStyle, lengthMs: number): readonly Click[] => {
  const of = Math.ceil(lengthMs / 1000);
  return Array.from({ length: of }, (_, i) => ({
    atMs: startMs + i * 1000,
    tone: i === 0 ? ('count' as const) : ('second' as const),
    word: numberWord(style, i + 1, of),
  }));
};

const halves = (
  { startMs }: Beat,
  firstMs: number,
  [first, second]: readonly [string, string],
  { order }: CountStyle,
): readonly Click[] => [
  { atMs: startMs, tone: 'breath', word: order === 'silent' ? '' : first },
  { atMs: startMs + firstMs, tone: 'breath', word: order === 'silent' ? '' : second },
];

/** The number on the first beat, the other beats only heard. */
const toMusic = (beat: Beat, beatMs: number, number: string): readonly Click[] =>
  Array.from({ length: Math.max(1, Math.round(beat.durationMs / beatMs)) }, (_, i) => ({
    atMs: Math.round(beat.startMs + i * beatMs),
    tone: i === 0 ? ('count' as const) : ('second' as const),
    word: i === 0 ? clear(beat, number) : '',
  }));

/** A word too quick to be clear is left to the click. */
const clear = ({ durationMs }: Beat, word: string): string => (durationMs >= SPEAKABLE_MS ? word : '');

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
