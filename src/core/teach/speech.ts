import { COUNTED, type Beat } from '../dose';
import type { CountStyle } from './count-style';
import { ticksOf, type RowVoice, type Click } from './ticks';

/** A word or a short sentence of the voice, with the time it takes to say; no two overlap. */
type Saying = { readonly atMs: number; readonly word: string; readonly sayMs: number };

type Wanted = Saying & { readonly rank: number };

/** Changes come before numbers, numbers before calls, calls before cues. */
const RANK = { change: 0, count: 1, call: 2, cue: 3 } as const;
/** A breath between one word and the next, ms. */
const APART_MS = 60;
/** From this many on the middle and the end are called. */
const CALLED_FROM = 6;

/**
 * Everything the voice says over a count: numbers, sides and directions, fingers, the middle, the last two, one cue and
 * one watch-point. What would run into something that matters more is left out, so the voice never talks over itself.
 */
export function sayingsOf(beats: readonly Beat[], style: CountStyle, voice: RowVoice): readonly Saying[] {
  const ticks = ticksOf(beats, style, voice);
  const counted = ticks.map((t, i) => wantedTick(t, ticks[i + 1]));
  const calls = style.order === 'silent' ? [] : spokenCues(beats);
  const spoken = fitted([...counted, ...calls].filter((w) => w.word !== ''));
  const cues = style.order === 'silent' ? [] : cuesOf(beats, spoken, voice);
  return fitted([...spoken, ...cues]).map(({ atMs, word, sayMs }) => ({ atMs, word, sayMs }));
}

/** A number is said in the time to the next one, however many syllables it has. */
function wantedTick(tick: Click, next: Click | undefined): Wanted {
  const rank = tick.tone === 'change' ? RANK.change : RANK.count;
  const roomMs = next ? next.atMs - tick.atMs - APART_MS : Infinity;
  const sayMs = sayingMs(tick.word);
  return {
    atMs: tick.atMs,
    word: tick.word,
    sayMs: rank === RANK.count ? Math.min(sayMs, roomMs) : sayMs,
    rank,
  };
}

/** How long a voice takes, ms: about 14 letters a second, a number as long as its words. */
export function sayingMs(word: string): number {
  if (/^\d+$/.test(word)) return Number(word) <= 12 ? 420 : 620;
  return 220 + word.length * 70;
}

/** "Half way" after the middle number, "last two" after the one before them. */
function spokenCues(beats: readonly Beat[]): readonly Wanted[] {
  const units = beats.filter((b, i) => COUNTED.has(b.kind) && b.number !== beats[i - 1]?.number && !b.again);
  return units.flatMap((beat): Wanted[] => {
    if (beat.of < CALLED_FROM) return [];
    const call =
      beat.number === Math.floor(beat.of / 2) ? 'half way' : beat.number === beat.of - 2 ? 'last two' : '';
    const atMs = beat.startMs + Math.min(700, Math.round(beat.durationMs / 2));
    return call ? [{ atMs, word: call, sayMs: sayingMs(call), rank: RANK.call }] : [];
  });
}

/** The first gaps long enough for one cue and, later, one watch-point. */
function cuesOf(
  beats: readonly Beat[],
  spoken: readonly Wanted[],
  { cue, watch }: RowVoice,
): readonly Wanted[] {
  const last = beats.at(-1);
  const endMs = last ? last.startMs + last.durationMs : 0;
  const gaps = gapsBetween(spoken, endMs);
  const placed: Wanted[] = [];
  for (const word of [cue, watch].filter(Boolean)) {
    const sayMs = sayingMs(word);
    const after = placed.at(-1)?.atMs ?? -1;
    const gap = gaps.find((g) => g.fromMs > after && g.toMs - g.fromMs >= sayMs + 4 * APART_MS);
    if (gap) placed.push({ atMs: gap.fromMs + 2 * APART_MS, word, sayMs, rank: RANK.cue });
  }
  return placed;
}

function gapsBetween(spoken: readonly Wanted[], endMs: number) {
  const inOrder = [...spoken].sort((a, b) => a.atMs - b.atMs);
  return inOrder.map((s, i) => ({ fromMs: s.atMs + s.sayMs, toMs: inOrder[i + 1]?.atMs ?? endMs }));
}

/** What matters most is placed first; what then has no room is left out. In time order. */
function fitted(wanted: readonly Wanted[]): readonly Wanted[] {
  const kept: Wanted[] = [];
  for (const w of [...wanted].sort((a, b) => a.rank - b.rank || a.atMs - b.atMs)) {
    const free = kept.every((k) => w.atMs >= k.atMs + k.sayMs || w.atMs + w.sayMs <= k.atMs);
    if (free) kept.push(w);
  }
  return kept.sort((a, b) => a.atMs - b.atMs);
}
