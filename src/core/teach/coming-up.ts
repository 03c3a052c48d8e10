import type { Beat } from '../dose';
import { lowerFirst } from '../words';
import { changeWord } from './change-words';
import { startWord } from './count-in';
import type { TeachState } from './state';
import type { TaughtRow } from './taught-row';

/** What comes after the side, set, pass or layer under way, in a word or two; null where nothing does. */
export function comingUp(beats: readonly Beat[], offsetMs: number): string | null {
  const now = beats.find((b) => b.startMs <= offsetMs && offsetMs < b.startMs + b.durationMs);
  // The count-in belongs to what it counts in.
  const next = now && beats.find((b) => b.bout > Math.max(now.bout, 0));
  // A set may begin with its rest, or with nothing before it.
  return next ? changeWord({ ...next, kind: 'change', change: next.change ?? 'set' }) : null;
}

/** What was left undone last, in words: "wrist circles at the table edge, the right"; null where nothing is. */
export function owedWords(rows: readonly TaughtRow[], { owed }: Pick<TeachState, 'owed'>): string | null {
  const last = owed.at(-1);
  const row = rows.find((r) => r.rowId === last?.rowId);
  if (!last || !row) return null;
  const runs = row.beats.filter((b) => b.number > 0 && last.bouts.includes(b.bout));
  const all = new Set(row.beats.filter((b) => b.number > 0).map((b) => b.bout));
  const which = [...new Set(runs.map(startWord))].filter((w) => w !== 'ready');
  const named = last.bouts.length === all.size ? 'all of it' : which.join('; ') || 'the rest of it';
  const others = owed.length > 1 ? ` (and ${owed.length - 1} more)` : '';
  return `${lowerFirst(row.title)}, ${named}${others}`;
}
