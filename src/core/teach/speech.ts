import { COUNTED, type Beat } from '../dose';
import { breathAt } from './breath';
import { isGettingIn, startSayings } from './count-in';
import type { CountStyle } from './count-style';
import { sayingMs } from './saying-ms';
import { ticksOf, type Click, type RowVoice } from './ticks';

/** A word or a short sentence of the voice, with the time it takes to say; no two overlap. */
export type Saying = { readonly atMs: number; readonly word: string; readonly sayMs: number };

type Wanted = Saying & { readonly rank: number };

/** Changes come before numbers, numbers before calls, calls before cues. */
const RANK = { change: 0, count: 1, call: 2, cue: 3 } as const;
/** A breath between one word and the next, ms. */
const APART_MS = 60;
/** From this many on the last two are called, and the middle: in fewer there would be more words than numbers. */
const CALLED_FROM = { lastTwo: 6, middle: 8 };
/** What lasts so long is called in the middle, ms. */
const LONG_MS = 20_000;

/**
 * Everything the voice says over a count: what it begins with, numbers, sides and passes, fingers, the middle, the last two, the end,
 * one cue and a reminder of the class; never what the instructor watches for. What would run into something that matters more is left
 * out, so the voice never talks over itself. Into breathing and looking it says next to nothing.
 */
export function sayingsOf(beats: readonly Beat[], style: CountStyle, voice: RowVoice): readonly Saying[] {
  const ticks = ticksOf(beats, style, voice);
  const counted = ticks.map((t, i) => wantedTick(t, ticks[i + 1]));
  const starts = beats.flatMap((b) => (b.change === 'start' ? startSayings(b, voice) : []));
  const begun = starts.map((s) => wanted(s.atMs, s.word, RANK.change));
  const talks = style.order !== 'silent' && !voice.quiet;
  const calls = talks ? [...spokenCalls(beats), ...endings(beats)] : [];
  const kept = voice.quiet ? quietly(counted, beats) : counted;
  const spoken = fitted([...begun, ...kept, ...calls].filter((w) => w.word !== ''));
  const cues = talks ? cuesOf(beats, spoken, voice) : [];
  return fitted([...spoken, ...cues]).map(({ atMs, word, sayMs }) => ({ atMs, word, sayMs }));
}

const wanted = (atMs: number, word: string, rank: number): Wanted => ({
  atMs: Math.max(0, Math.round(atMs)),
  word,
  sayMs: sayingMs(word),
  rank,
});

/** A number is said in the time to the next one, however many syllables it has. */
function wantedTick(tick: Click, next: Click | undefined): Wanted {
  const rank = tick.tone === 'change' ? RANK.change : RANK.count;
  const roomMs = next ? next.atMs - tick.atMs - APART_MS : Infinity;
  const sayMs = sayingMs(tick.word);
  const isNumber = rank === RANK.count && /^\d+$/.test(tick.word);
  return { atMs: tick.atMs, word: tick.word, sayMs: isNumber ? Math.min(sayMs, roomMs) : sayMs, rank };
}

/** Of breathing and looking only the first two breaths are said, and what changes. */
function quietly(counted: readonly Wanted[], beats: readonly Beat[]): readonly Wanted[] {
  const third = beats.filter((b) => COUNTED.has(b.kind))[2];
  return counted.filter((w) => w.rank === RANK.change || !third || w.atMs < third.startMs);
}

/** "Half way" after the middle number or in the middle of what lasts, "last two" after the one before them. */
function spokenCalls(beats: readonly Beat[]): readonly Wanted[] {
  const units = beats.filter((b, i) => COUNTED.has(b.kind) && b.number !== beats[i - 1]?.number && !b.again);
  return units.flatMap((beat): Wanted[] => {
    const isLong =
      (beat.kind === 'hold' || beat.kind === 'free') && beat.durationMs >= LONG_MS && !beat.waits;
    if (isLong) return [wanted(beat.startMs + beat.durationMs / 2, 'half way', RANK.call)];
    if (beat.kind === 'hold') return [];
    const call = callAfter(beat);
    const atMs = beat.startMs + Math.min(700, Math.round(beat.durationMs / 2));
    return call ? [wanted(atMs, call, RANK.call)] : [];
  });
}

function callAfter({ number, of }: Beat): string {
  if (of >= CALLED_FROM.middle && number === Math.floor(of / 2)) return 'half way';
  return of >= CALLED_FROM.lastTwo && number === of - 2 ? 'last two' : '';
}

/** "And rest" as the whole count ends, where its last repetition or its time has room for it. */
function endings(beats: readonly Beat[]): readonly Wanted[] {
  const last = beats.at(-1);
  if (!last || last.waits || (last.kind !== 'rep' && last.kind !== 'free' && last.kind !== 'step')) return [];
  const sayMs = sayingMs(ENDING);
  const atMs = last.startMs + last.durationMs - sayMs - APART_MS;
  return atMs > last.startMs + sayMs ? [wanted(atMs, ENDING, RANK.call)] : [];
}
const ENDING = 'and rest';

/** A reminder of the class, and the cue where it belongs: in its half of a repetition, or in the first gap that is long enough. */
function cuesOf(beats: readonly Beat[], spoken: readonly Wanted[], voice: RowVoice): readonly Wanted[] {
  const last = beats.at(-1);
  const endMs = last ? last.startMs + last.durationMs : 0;
  const gaps = gapsBetween(spoken, endMs);
  const placed: Wanted[] = [];
  const cue = isGettingIn(voice.cue) && beats[0]?.change === 'start' ? '' : voice.cue;
  for (const word of [cue, voice.reminder].filter(Boolean)) {
    const sayMs = sayingMs(word);
    const after = placed.at(-1)?.atMs ?? -1;
    const fits = (atMs: number) => word === voice.reminder || isInItsHalf(word, atMs, beats, voice);
    const gap = gaps.find((g) => {
      const atMs = g.fromMs + 2 * APART_MS;
      return g.fromMs > after && g.toMs - g.fromMs >= sayMs + 4 * APART_MS && fits(atMs);
    });
    if (gap) placed.push(wanted(gap.fromMs + 2 * APART_MS, word, RANK.cue));
  }
  return placed;
}

/** The half of a repetition or a breath that a cue speaks of; null for one that is true all the time. */
function halfOf(cue: string): 'in' | 'out' | 'back' | null {
  if (/on the out-breath|^out (as|a little|on)\b/i.test(cue)) return 'out';
  if (/on the (way in|in-breath)|^in as\b/i.test(cue)) return 'in';
  return /let go as|on the way down|comes? back|set down/i.test(cue) ? 'back' : null;
}

function isInItsHalf(cue: string, atMs: number, beats: readonly Beat[], voice: RowVoice): boolean {
  const half = halfOf(cue);
  if (half === null) return true;
  const beat = beats.find((b) => b.startMs <= atMs && atMs < b.startMs + b.durationMs);
  if (!beat || !COUNTED.has(beat.kind)) return false;
  if (half === 'back') return atMs - beat.startMs >= beat.durationMs * voice.workShare;
  return breathAt(beat, atMs, voice)?.way === half;
}

function gapsBetween(spoken: readonly Wanted[], endMs: number) {
  const inOrder = [...spoken].sort((a, b) => a.atMs - b.atMs);
  return inOrder.map((s, i) => ({ fromMs: s.atMs + s.sayMs, toMs: inOrder[i + 1]?.atMs ?? endMs }));
}

/** What matters most is placed first; what then has no room is left out. In time order. */
function fitted(all: readonly Wanted[]): readonly Wanted[] {
  const kept: Wanted[] = [];
  for (const w of [...all].sort((a, b) => a.rank - b.rank || a.atMs - b.atMs)) {
    const free = kept.every((k) => w.atMs >= k.atMs + k.sayMs || w.atMs + w.sayMs <= k.atMs);
    if (free) kept.push(w);
  }
  return kept.sort((a, b) => a.atMs - b.atMs);
}
