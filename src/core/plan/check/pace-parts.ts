import type { Catalogue } from '../../catalogue';
import { movementOfRow } from '../at-rung';
import type { Row } from '../plan';
import { wayInPart, type PacePart } from './pace';
import type { RowTiming } from './timing';

/** A part of a row that is learned by itself, and what it is planned to take, ms. */
type Planned = { readonly part: PacePart; readonly plannedMs: number };

/**
 * What of a row goes by the pace: the way in, unless the row says its own or goes on in a series, and the count with its shake-out,
 * or the talk or break.
 */
export function pacePartsOf(
  row: Row,
  times: RowTiming,
  catalogue: Pick<Catalogue, 'movement'>,
): { readonly wayIn: Planned | null; readonly done: Planned | null } {
  if (row.kind !== 'movement') return { wayIn: null, done: { part: row.kind, plannedMs: times.countMs } };
  const movement = movementOfRow(row, catalogue);
  if (!movement) return { wayIn: null, done: null };
  const isOwn = row.continuesPrevious === true || row.wayInMs !== undefined;
  return {
    wayIn: isOwn ? null : { part: wayInPart(times), plannedMs: times.wayInMs },
    done: { part: movement.effort, plannedMs: times.countMs + times.resetMs },
  };
}
