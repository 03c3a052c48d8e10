import type { Beat } from '../dose';
import { withEdits } from './count-edits';
import { countInMs } from './count-in';
import type { CountStyle } from './count-style';
import { sayingsOf, type Saying } from './speech';
import type { TaughtRow } from './taught-row';
import { ticksOf, type Click, type RowVoice } from './ticks';

type RowSound = { readonly clicks: readonly Click[]; readonly sayings: readonly Saying[] };

/** What is heard of a count, on its own clock, ms. */
export const soundOf = (beats: readonly Beat[], style: CountStyle, voice: RowVoice): RowSound => ({
  clicks: ticksOf(beats, style, voice),
  sayings: sayingsOf(beats, style, voice),
});

/** What is heard of one row as planned, counted in, on the clock of the class, ms; nothing of talk and breaks. */
export function soundOfRow(row: TaughtRow, style: CountStyle): RowSound {
  const first = row.beats[0];
  if (!first) return { clicks: [], sayings: [] };
  const ms = countInMs(first, row.voice);
  const beats = withEdits(row.beats, [{ kind: 'countIn', ms }]);
  const from = Math.max(0, row.plannedStartMs + row.setUpMs - ms);
  const later = <T extends { readonly atMs: number }>(sound: T): T => ({ ...sound, atMs: sound.atMs + from });
  const { clicks, sayings } = soundOf(beats, style, row.voice);
  return { clicks: clicks.map(later), sayings: sayings.map(later) };
}
