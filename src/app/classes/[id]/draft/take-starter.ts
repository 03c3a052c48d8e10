import { factsOf } from '@/catalogue/class-facts';
import { TASKS } from '@/catalogue/tasks';
import type { Catalogue } from '@/core/catalogue';
import { fittedTo, planOfStarter, type GaveWay, type Starter } from '@/core/draft';
import { replaceRows } from '@/core/plan';
import { lowerFirst } from '@/core/words';
import type { Classroom } from '@/server/classes/classroom';
import type { OrderEditor } from '../use-plan';

/** Puts a ready class in place of what is planned, fitted to who comes and to the bag; what gave way, a sentence each. */
export function takeStarter(
  starter: Starter,
  { plan, edit }: OrderEditor,
  room: Omit<Classroom, 'stored'>,
): readonly string[] {
  const facts = factsOf(room);
  const given = { facts, lately: room.recent, breathMs: plan.breathMs, wayIn: plan.wayIn, tasks: TASKS };
  const { plan: ready, gaveWay } = fittedTo(planOfStarter(starter, facts.catalogue), given);
  const step = replaceRows(plan, ready);
  if (step) edit(step, `Begin with ${lowerFirst(starter.name)}`);
  return gaveWay.map((g) => sentenceOf(g, facts.catalogue));
}

function sentenceOf({ movementId, to, why }: GaveWay, catalogue: Catalogue): string {
  const name = (id: string) => catalogue.movement(id)?.name ?? 'A movement that is gone';
  return to
    ? `${name(to)} instead of ${lowerFirst(name(movementId))}: ${why}.`
    : `${name(movementId)} is left out: ${why}.`;
}
