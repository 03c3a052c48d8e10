import type { PlanStep } from '../plan';
import { changeWords, type LiveChange } from './live-change';
import { withoutUndone } from './take-back';
import { LIVE_CHANGES, type TeachEvent, type TeachState } from './state';

/** A change made to the class while teaching, in words, and whether the next class had better start with it. */
export type ChangeMade = {
  /** Its place among the changes of the class. */
  readonly index: number;
  readonly atMs: number;
  readonly kind: LiveChange['kind'];
  readonly words: string;
  /** The gentler side: what was eased or exchanged is kept, what was added or cut for the clock is not. */
  readonly keep: boolean;
};

const KEPT: ReadonlySet<LiveChange['kind']> = new Set(['easier', 'hand', 'water', 'swap']);

const isChange = (kind: string): kind is LiveChange['kind'] =>
  (LIVE_CHANGES as readonly string[]).includes(kind);

/** Each change with what was recorded of it; what was changed for one person alone is not a change to the class. */
export function changesMade(
  events: readonly TeachEvent[],
  { changes }: Pick<TeachState, 'changes'>,
): readonly ChangeMade[] {
  return withoutUndone(events)
    .flatMap(({ kind, atMs, words, personId }) =>
      isChange(kind) && !personId ? [{ kind, atMs, words: words ?? '' }] : [],
    )
    .slice(0, changes.length)
    .map(({ kind, atMs, words }, index) => ({
      index,
      atMs,
      kind,
      words: changeWords({ kind, words }),
      keep: KEPT.has(kind),
    }));
}

/** The changes at these places, in the order they were made. */
export const chosenChanges = (
  { changes }: Pick<TeachState, 'changes'>,
  chosen: readonly number[],
): readonly PlanStep[] => changes.filter((_, i) => chosen.includes(i));
