import type { Dice } from '../../dice';
import { perHand, primaryCount, type Hand } from '../../dose';
import { movementOfRow, movementRows, rungOf, type MovementRow, type PlanContext } from '../../plan';
import {
  decide,
  effortTarget,
  FAMILIES,
  familyRows,
  goesOnWith,
  rungAfter,
  type Decision,
  type Family,
  type Outcome,
} from '../../progress';
import { memo } from '../../remember';
import { adaptedDose, takesPart } from '../../screening';
import { mean } from '../../statistics';
import { movingOn } from './group';
import type { PlayFacts } from './options';
import type { Player, Taught } from './played-class';
import { missed, passTime, respond, type Asked, type Response } from './response';

/** One class: who comes, how they feel, and what the rules propose for each of them. */
export function teach(
  facts: PlayFacts,
  players: readonly Player[],
  context: PlanContext,
  week: number,
  attendance: number,
  roll: Dice,
): Taught {
  const families = familyRows(context.plan, facts.catalogue);
  const decisions = new Map([...families.keys()].map((f) => [f, new Map<string, Decision>()] as const));
  const efforts: number[] = [];
  let [sore, movedOn, steppedBack] = [0, 0, 0];
  for (const player of players) {
    const { person, condition } = player;
    passTime(condition, person, roll);
    const comes = roll() < attendance;
    const target = effortTarget(week, person.conditions.length > 0);
    const felt = comes ? respond(condition, askedOf(player, context), target, roll) : null;
    if (!comes) missed(condition);
    if (felt) {
      player.came += 1;
      efforts.push(felt.effort);
      if (felt.painRise >= 2) sore += 1;
    }
    let [on, back] = [false, false];
    for (const family of FAMILIES) {
      const rows = families.get(family) ?? [];
      const outcomes = player.outcomes.get(family)!;
      outcomes.push(outcomeOf(player, rows, context, felt, target));
      if (rows.length === 0) continue;
      const decision = decide(outcomes, {
        flare: condition.flare > 0,
        flareSettled: condition.wasInFlare && condition.flare === 0,
        effortTarget: target,
        backWhileAway: comes ? 0 : (player.back.get(family) ?? 0),
      });
      take(player, family, rows, decision, facts, comes);
      if (comes) decisions.get(family)!.set(person.id, decision);
      on ||= decision.kind === 'move on';
      back ||= decision.kind === 'step back';
    }
    if (on) movedOn += 1;
    if (back) {
      steppedBack += 1;
      player.steppedBack += 1;
    }
  }
  return {
    counts: {
      came: efforts.length,
      effort: efforts.length > 0 ? mean(efforts) : 0,
      sore,
      movedOn,
      steppedBack,
    },
    moving: movingOn(context, families, decisions),
    decisions,
  };
}

/** What the class asks of this person, on their own rungs and with their own doses. */
function askedOf({ person, own }: Player, context: PlanContext): Asked {
  const { breathMs } = context.plan;
  const byRow = movementRows(context.plan).flatMap((row) => {
    const verdict = context.verdictOf(row.id, person.id);
    const movement = movementOfRow({ ...row, rung: own.get(row.movementId) ?? row.rung }, context.catalogue);
    if (!verdict || !movement) return [];
    const inHand = (hand: Hand): Asked => {
      const { kind, adaptation } = verdict[hand];
      if (kind !== 'do' && kind !== 'adapt') return NOTHING;
      const effort = Math.min(movement.effortOf10, adaptation.effortMost ?? 10);
      const work = workOf([row.dose, adaptation], String(breathMs), () =>
        perHand(adaptedDose(row.dose, adaptation), breathMs),
      );
      return { effort, work: (effort * work[hand].workMs) / MINUTE };
    };
    return [{ L: inHand('L'), R: inHand('R') }];
  });
  const sum = (hand: Hand) => byRow.reduce((n, row) => n + row[hand].work, 0);
  return {
    effort: Math.max(0, ...byRow.flatMap(({ L, R }) => [L.effort, R.effort])),
    work: Math.max(sum('L'), sum('R')),
  };
}

/** The same doses are done by the same people in play after play. */
const workOf = memo<ReturnType<typeof perHand>>();

const MINUTE = 60_000;
const NOTHING: Asked = { effort: 0, work: 0 };

function outcomeOf(
  { person }: Player,
  rows: readonly MovementRow[],
  context: PlanContext,
  felt: Response | null,
  target: number,
): Outcome {
  const open = rows.filter((row) => {
    const verdict = context.verdictOf(row.id, person.id);
    return verdict && takesPart(verdict);
  });
  return {
    day: '',
    present: felt !== null,
    movements: (felt ? open : []).map(({ movementId, dose }) => {
      const completed = felt !== null && felt.effort <= target + 1;
      const isAtTop = dose.count.mode === 'time' || primaryCount(dose.count) >= dose.most;
      return { movementId, completed, atTop: completed && isAtTop };
    }),
    effort: felt?.effort ?? null,
    painRise: felt?.painRise ?? null,
    worseLater: felt?.worseLater ?? null,
    formLost: felt?.formLost ?? 0,
  };
}

/** The proposal is taken as it is. Who moves up to the class stands with it again; staying is left to when the class goes on. */
function take(
  player: Player,
  family: Family,
  rows: readonly MovementRow[],
  decision: Decision,
  { catalogue }: PlayFacts,
  comes: boolean,
): void {
  player.back.set(family, comes ? 0 : (player.back.get(family) ?? 0) + Math.max(0, -(decision.rungs ?? 0)));
  if (decision.rungs === 0) return;
  for (const row of rows) {
    const movement = catalogue.movement(row.movementId);
    if (!movement || (decision.kind === 'move on' && !goesOnWith(decision, row.movementId))) continue;
    const ofClass = rungOf(movement, row.rung);
    const to = rungAfter(movement, player.own.get(row.movementId) ?? ofClass, decision);
    if (to >= ofClass) player.own.delete(row.movementId);
    else player.own.set(row.movementId, to);
  }
}
