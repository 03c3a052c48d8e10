import { isSeated, usesHands } from '@/core/catalogue';
import type { DrillFacts } from '@/core/drill';
import { contextOf } from '@/core/plan';
import { CAUTIONS } from './cautions/cautions';
import { factsOf } from './class-facts';
import { RECORDED } from './conditions';
import { CATALOGUE, MOVEMENTS } from './movements';
import { readyPlan } from './ready-plan';
import { STARTERS } from './starters';

/** Verdicts of the drills are for this day; nothing in them hangs on which. */
const DAY = '2026-01-01';
const BREATH_MS = 5_000;

/** What drills are made of: seated movements of the hands, what a record may hold, and the ready classes, all known to the group. */
export function drillFacts(): DrillFacts {
  const facts = factsOf({
    info: { helpers: [], slotMinutes: 45, day: DAY, week: 4 },
    people: [],
    bag: {},
    shown: MOVEMENTS.map((m) => m.id),
    baseline: null,
    attended: {},
    own: [],
    checkIns: {},
  });
  return {
    movements: MOVEMENTS.filter((m) => isSeated(m) && usesHands(m)),
    conditions: RECORDED,
    context: { table: CAUTIONS, catalogue: CATALOGUE, today: DAY, breathMs: BREATH_MS },
    classes: STARTERS.map((starter) =>
      contextOf(readyPlan(starter), { ...facts, slotMs: starter.minutes * 60_000 }),
    ),
  };
}
