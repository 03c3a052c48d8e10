import type { TaughtRow } from './taught-row';
import { eventAt } from './count-commands';
import type { Away, Moved, RungShift, TeachState } from './state';

/** From now on one person does the row under way a rung easier or stronger; a second word takes the place of the first. */
export function withRungShift(
  rows: readonly TaughtRow[],
  state: TeachState,
  personId: string,
  to: RungShift['to'],
  nowMs: number,
): Moved {
  const rowId = rows[state.rowIndex]?.rowId;
  if (!rowId) return { state, events: [] };
  const others = state.rungShifts.filter((w) => w.rowId !== rowId || w.personId !== personId);
  return {
    state: { ...state, rungShifts: [...others, { rowId, personId, to }] },
    events: [{ ...eventAt(to, rowId, nowMs), personId }],
  };
}

/** A note on the row under way, or on the class when it is done. */
export const noted = (
  rows: readonly TaughtRow[],
  state: TeachState,
  words: string,
  nowMs: number,
): Moved => ({
  state,
  events: [{ ...eventAt('note', rows[state.rowIndex]?.rowId ?? null, nowMs), words }],
});

/** Somebody did not come or has left; or is here after all, when `how` is null. */
export const withAway = (
  rows: readonly TaughtRow[],
  state: TeachState,
  personId: string,
  how: Away['how'] | null,
  nowMs: number,
): Moved => {
  const others = state.away.filter((a) => a.personId !== personId);
  const rowId = rows[state.rowIndex]?.rowId ?? null;
  return {
    state: { ...state, away: how ? [...others, { personId, how }] : others },
    events: [{ ...eventAt(how ? 'away' : 'here', rowId, nowMs), personId, ...(how && { words: how }) }],
  };
};

/** Those who are here: nothing is said of who is not. */
export const peopleHere = <P extends { readonly person: { readonly id: string } }>(
  people: readonly P[],
  { away }: Pick<TeachState, 'away'>,
): readonly P[] => people.filter((p) => !away.some((a) => a.personId === p.person.id));
