import { strongerOf } from '../../catalogue';
import {
  atRung,
  leftOutIn,
  movementOfRow,
  movementRows,
  rungOf,
  type MovementRow,
  type Plan,
  type PlanContext,
} from '../../plan';
import { familyRows, goesOnWith, groupMovesOn, type Family } from '../../progress';
import type { Player, Taught } from './played-class';
import type { PlayFacts } from './options';
import { rungAndDoseAfter, type RungAndDose } from './steps';

const NOBODY_OUT = { now: new Set<string>(), then: new Set<string>() };

/** Movements with a next rung, for which enough would move on and nobody would have to leave it out. */
export function movingOn(
  context: PlanContext,
  families: ReadonlyMap<Family, readonly MovementRow[]>,
  decisions: Taught['decisions'],
): ReadonlySet<string> {
  return new Set(
    [...families].flatMap(([family, rows]) =>
      rows.flatMap((row) => {
        const movement = movementOfRow(row, context.catalogue);
        if (!movement || !strongerOf(movement)) return [];
        const of = decisions.get(family)!;
        if (!groupMovesOn(row.movementId, of, NOBODY_OUT).moves) return [];
        const stronger = atRung(movement, rungOf(movement, row.rung) + 1);
        const out = (m: typeof movement) => leftOutIn(context.judge(m, row));
        return groupMovesOn(row.movementId, of, { now: out(movement), then: out(stronger) }).moves
          ? [row.movementId]
          : [];
      }),
    ),
  );
}

/** Where the class goes from here, by the rules; a lighter week changes nothing. */
export function nextRungsAndDoses(
  { catalogue }: PlayFacts,
  { plan }: PlanContext,
  moving: ReadonlySet<string>,
  before: ReadonlyMap<string, RungAndDose>,
  lighter: boolean,
  schooled: Plan,
): ReadonlyMap<string, RungAndDose> {
  const after = new Map(before);
  for (const row of movementRows(plan)) {
    if (lighter && before.has(row.movementId)) continue;
    const usual = movementRows(schooled).find((r) => r.movementId === row.movementId)?.dose ?? row.dose;
    const stand = rungAndDoseAfter(row, moving.has(row.movementId), usual, catalogue);
    if (stand) after.set(row.movementId, stand);
  }
  return after;
}

/** Where the class moves on, those who are to stay keep the rung they have. */
export function pinThoseWhoStay(
  players: readonly Player[],
  { plan, catalogue }: PlanContext,
  { moving, decisions }: Taught,
) {
  for (const [family, rows] of familyRows(plan, catalogue))
    for (const player of players) {
      const decision = decisions.get(family)!.get(player.person.id);
      for (const row of rows) {
        if (decision && goesOnWith(decision, row.movementId)) continue;
        const movement = moving.has(row.movementId) ? catalogue.movement(row.movementId) : undefined;
        if (movement && !player.own.has(row.movementId))
          player.own.set(row.movementId, rungOf(movement, row.rung));
      }
    }
}

export const behindIn = ({ own }: Player, plan: Plan, { catalogue }: PlayFacts): readonly Family[] =>
  [...familyRows(plan, catalogue)].flatMap(([family, rows]) =>
    rows.some((row) => {
      const movement = catalogue.movement(row.movementId);
      const rung = own.get(row.movementId);
      return movement && rung !== undefined && rung < rungOf(movement, row.rung);
    })
      ? [family]
      : [],
  );
