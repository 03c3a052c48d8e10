import {
  applyStep,
  checkWithReserve,
  contextOf,
  mendEffect,
  movementRows,
  placedRows,
  type ClassFacts,
  type Plan,
  type Row,
} from '../plan';
import { waterBreaks, WATER_MS } from './frame';
import { GOOD_WAY_IN_MS, LONGEST_WAY_IN_MS, withLongerWayIn } from './longer-way-in';
import { ENOUGH, withOnceMore } from './once-more';
import { withTalk } from './talk';

/** The plan mended, with what is left of its time given to doing again what was done, to showing what is new, and to questions. */
export function filled(plan: Plan, facts: ClassFacts, lengthMs: number): Plan {
  const timedMs = (p: Plan) => contextOf(p, facts).timing.totalMs;
  // What the mends put in is counted, and mended last: else a break that fits now would stand in the wrong place later.
  const first = mended(plan, facts);
  const water = waterBreaks(lengthMs) - placedRows(first).filter(({ row }) => isWater(row)).length;
  const mendsMs = timedMs(first) - timedMs(plan) + Math.max(0, water) * WATER_MS;
  const totalMs = (p: Plan) => timedMs(p) + mendsMs;
  const longer = (p: Plan, mostMs: number) =>
    withLongerWayIn(p, facts, ENOUGH * lengthMs - totalMs(p), mostMs);
  const again = longer(withOnceMore(plan, facts, lengthMs, totalMs), GOOD_WAY_IN_MS);
  // Where few movements are known they come twice more.
  const twice = longer(withOnceMore(again, facts, lengthMs, totalMs), LONGEST_WAY_IN_MS);
  const whole = mended(withTalk(twice, facts, lengthMs, totalMs), facts);
  // The mends may have taken less than was kept for them, and where so few may be done again talk does not fill what is left.
  if (timedMs(whole) >= ENOUGH * lengthMs) return whole;
  const asked = mended(withTalk(whole, facts, lengthMs, timedMs), facts);
  return mended(withOnceMore(asked, facts, lengthMs, timedMs), facts);
}

const isWater = (row: Row): boolean => row.kind === 'break' && row.what === 'water';

const MAX_MENDS = 24;

/** The plan with every must mended that can be, and whatever else can be without another movement. */
export function mended(start: Plan, facts: ClassFacts): Plan {
  let plan = start;
  for (let i = 0; i < MAX_MENDS; i++) {
    const check = checkWithReserve(plan, facts);
    const due = check.findings.filter((f) => f.severity === 'must' || f.severity === 'should');
    const next = due.flatMap((f) => {
      const applied = f.mend && mendEffect(plan, facts, check, f.mend) && applyStep(plan, f.mend.step);
      // What is only better needs no further movement: those were chosen together.
      const isFree = applied?.ok && (f.severity === 'must' || !teachesMore(applied.value.plan, plan));
      return isFree ? [applied.value.plan] : [];
    })[0];
    if (!next) return plan;
    plan = next;
  }
  return plan;
}

const teachesMore = (now: Plan, before: Plan): boolean =>
  movementRows(now).length > movementRows(before).length;
