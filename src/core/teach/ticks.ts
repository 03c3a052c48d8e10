import { firstHalfMs, SHORTEST_BREATH_MS, type Beat, type DoneWith } from '../dose';
import type { Tone } from '../voice';
import { announced } from './change-words';
import { countIn, hasCountIn, isNotCountedIn, saidBeforeAtMs, startWord } from './count-in';
import { numberWord, type CountStyle } from './count-style';

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
  /** What the whole class is reminded of as the row begins. */
  readonly reminder: string;
  /** What is done and what undoes it, as one says it; empty where a number says more. */
  readonly verb: string;
  readonly undo: string;
  /** Nobody talks into it: breathing and looking. */
  readonly quiet: boolean;
  /** The half of the breath that goes with the work; null where breath comes as it comes. */
  readonly breathFirst: 'in' | 'out' | null;
  readonly workShare: number;
  /** One beat of the row's music, ms. */
  readonly beatMs: number | null;
  /** What it is done with. */
  readonly of: DoneWith;
};

export const NO_VOICE: RowVoice = {
  cue: '',
  reminder: '',
  verb: '',
  undo: '',
  quiet: false,
  breathFirst: null,
  workShare: 0.5,
  beatMs: null,
  of: 'none',
};

/** Shortest time in which a spoken number is clear, ms. */
const SPEAKABLE_MS = 550;
/** A hold longer than this is not counted by the second: three words do. */
const SECONDS_UP_TO_MS = 10_000;

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
        : halves(beat, firstHalfMs(beat), beat.outFirst ? ['out', 'in'] : ['in', 'out'], style);
    case 'relax':
      return [{ atMs: at, tone: 'second', word: style.order === 'silent' ? '' : undoWord(voice) }];
    case 'free':
      return [{ atMs: at, tone: 'count', word: isNotCountedIn(beat, voice) ? beginning(beat) : '' }];
    case 'change':
      return beat.change === 'start' ? countIn(beat) : changed(beat, style, voice);
    case 'rest':
      return rested(beat, style, voice);
  }
}

/** What is begun with, where that is not counted in and there is something to say of it. */
const beginning = (beat: Beat): string => {
  const word = startWord(beat);
  return beat.startMs > 0 || word === 'ready' ? '' : word;
};

/** A change as it is announced; what interrupts the flow is counted in again. */
function changed(beat: Beat, style: CountStyle, voice: RowVoice): readonly Click[] {
  const word = announced(beat);
  const begins = !FLOWS_ON.has(beat.change) && isCountedInAgain(style, voice) && hasCountIn(beat, word);
  return [{ atMs: beat.startMs, tone: 'change', word }, ...(begins ? countIn(beat) : [])];
}
/** Not into silence, nor into breathing and looking. */
const isCountedInAgain = ({ order }: CountStyle, { quiet }: RowVoice): boolean =>
  order !== 'silent' && !quiet;
const FLOWS_ON: ReadonlySet<Beat['change']> = new Set(['pass', 'layer']);

/** "Rest", and towards its end the set that follows and two beats; where the hand changes too, that change tells it. */
function rested(beat: Beat, style: CountStyle, voice: RowVoice): readonly Click[] {
  const rest: Click = { atMs: beat.startMs, tone: 'change', word: 'rest' };
  const next = announced({ ...beat, kind: 'change' });
  const changesHands = beat.side === 'L' || beat.side === 'R';
  if (changesHands || !isCountedInAgain(style, voice) || !hasCountIn(beat, `rest, ${next}`)) return [rest];
  return [rest, { atMs: saidBeforeAtMs(beat, next), tone: 'change', word: next }, ...countIn(beat)];
}

function repeated(beat: Beat, style: CountStyle, voice: RowVoice, number: string): readonly Click[] {
  const { unit } = style;
  if (unit === 'second') return seconds(beat, style, beat.durationMs);
  if (unit === 'breath' && voice.breathFirst && beat.durationMs >= SHORTEST_BREATH_MS) {
    const words = voice.breathFirst === 'in' ? (['in', 'out'] as const) : (['out', 'in'] as const);
    return halves(beat, Math.round(beat.durationMs * voice.workShare), words, style);
  }
  if (voice.beatMs && (unit === 'beat' || unit === 'usual')) return toMusic(beat, voice.beatMs, number);
  return [{ atMs: beat.startMs, tone: 'count', word: clear(beat, repWord(beat, style, voice, number)) }];
}

/** "Press, two, three ... last one": the first is what is done, the last of several says that it is. */
function repWord({ number, of }: Beat, { order }: CountStyle, { verb }: RowVoice, word: string): string {
  if (order !== 'up') return word;
  if (number === of && of >= ENDS_FROM) return 'last one';
  return number === 1 && verb ? verb : word;
}

/** "And let go", or what eases any hold. */
export const undoWord = ({ undo }: RowVoice): string => (undo ? `and ${undo}` : 'ease off');

function held(beat: Beat, style: CountStyle, { beatMs, verb }: RowVoice, number: string): readonly Click[] {
  const begun = verb || 'hold';
  if (style.unit === 'repetition') return [{ atMs: beat.startMs, tone: 'count', word: number || begun }];
  if (style.unit === 'beat' && beatMs) return toMusic(beat, beatMs, begun);
  const ticks = seconds(beat, style, beat.durationMs);
  const isCounted = beat.durationMs <= SECONDS_UP_TO_MS;
  const says = (word: string, i: number) => {
    if (style.order === 'silent') return '';
    if (i === 0 && (style.order === 'up' || !isCounted)) return begun;
    return isCounted ? word : '';
  };
  return ticks.map((t, i) => ({ ...t, word: says(t.word, i) }));
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

/** From this many on the last is called. */
const ENDS_FROM = 4;
