import { EACH_WAY, type Beat } from '../dose';
import { sayingMs } from './saying-ms';
import type { Click, RowVoice } from './ticks';

/** One beat of a count-in, ms: "ready" on the first, "and" on the second. */
const COUNT_IN_BEAT_MS = 800;

/** What the row begins with, always the group's own side: "the left, palm down"; "ready" where there is nothing to tell. */
export function startWord({ side, pass, layer }: Pick<Beat, 'side' | 'pass' | 'layer'>): string {
  const hand = side === 'L' ? 'the left' : side === 'R' ? 'the right' : '';
  return [hand, passTold(pass), layer].filter(Boolean).join(', ') || 'ready';
}

/** A pass as it is told; nothing for the first way of a circle, which everybody takes anyhow. */
export const passTold = ({ name }: Beat['pass']): string => (name === EACH_WAY[0]!.name ? '' : name);

/** What nobody does in time: looking and listening. */
export const isNotCountedIn = (first: Pick<Beat, 'kind'>, { quiet }: Pick<RowVoice, 'quiet'>): boolean =>
  quiet && first.kind === 'free';

/** A cue about getting in is said before the first repetition. */
export const isGettingIn = (cue: string): boolean =>
  /\b(past the|knuckles$|feet flat|fingers wide|grow tall|against the wall|near the base|palm over|elbows? stays?|heels? of the hands? (does|stay)|elbows long|index curled)/i.test(
    cue,
  );

/** How long is counted in: time for what is said first, and then two beats, ms; 0 for what is not counted in. */
export function countInMs(first: Beat, voice: RowVoice): number {
  if (isNotCountedIn(first, voice)) return 0;
  const { cue, quiet } = voice;
  const cueMs = !quiet && isGettingIn(cue) ? sayingMs(cue) + GAP_MS : 0;
  return cueMs + Math.max(COUNT_IN_BEAT_MS, sayingMs(startWord(first)) + GAP_MS) + COUNT_IN_BEAT_MS;
}

const GAP_MS = 120;

/** The beat in which the class is counted in, before the first of a count. */
export const countInBeat = (first: Beat, ms: number): Beat => {
  const { side, pass, layer, set } = first;
  const place = { side, pass, layer, set, step: null, number: 0, of: 0, bout: -1 };
  return { ...place, kind: 'change', change: 'start', startMs: 0, durationMs: ms };
};

/** Whether a change leaves time for what is said of it and a count-in. */
export const hasCountIn = ({ durationMs }: Beat, word: string): boolean =>
  durationMs >= sayingMs(word) + 2 * GAP_MS + 2 * COUNT_IN_BEAT_MS;

/** When what is said before the two beats begins, so that it is over in time, ms. */
export const saidBeforeAtMs = ({ startMs, durationMs }: Beat, word: string): number =>
  startMs + durationMs - 2 * COUNT_IN_BEAT_MS - sayingMs(word) - GAP_MS;

/** Two clicks, the second with "and". */
export function countIn({ startMs, durationMs }: Beat): readonly Click[] {
  const at = startMs + durationMs;
  return [
    { atMs: at - 2 * COUNT_IN_BEAT_MS, tone: 'second', word: '' },
    { atMs: at - COUNT_IN_BEAT_MS, tone: 'second', word: 'and' },
  ];
}

/** What is said before "and": the cue where it is about getting in, then what the row begins with. */
export function startSayings(
  beat: Beat,
  { cue, quiet }: RowVoice,
): readonly { atMs: number; word: string }[] {
  const word = startWord(beat);
  const andAt = beat.startMs + beat.durationMs - COUNT_IN_BEAT_MS;
  const begins = { atMs: andAt - sayingMs(word) - GAP_MS, word };
  return !quiet && isGettingIn(cue) ? [{ atMs: beat.startMs, word: cue }, begins] : [begins];
}

/** "Ready", then "and", as the screen shows it. */
export const readyWord = ({ startMs, durationMs }: Beat, offsetMs: number): string =>
  offsetMs < startMs + durationMs - COUNT_IN_BEAT_MS ? 'ready' : 'and';
