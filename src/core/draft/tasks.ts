import type { Person } from '../people';
import { movementRows, type Plan } from '../plan';
import { type DraftFacts, type Option, type WantedTask } from './option';
import { whyNotDrafted } from './may-draft';
import type { DraftWish } from './wish';

/** Words that a wanted task may have, and the movements that practise what the hands do in it. */
export type TaskLine = { readonly words: readonly string[]; readonly movementIds: readonly string[] };

/** What the people of a group want to do again, each once. */
const tasksOf = (people: readonly Person[]): readonly string[] => [
  ...new Set(people.map((p) => p.wantedTask).filter(Boolean)),
];

function practisedBy(task: string, table: readonly TaskLine[]): readonly string[] {
  const words = new Set(task.toLowerCase().match(/\p{L}+/gu) ?? []);
  const lines = table.filter((line) => line.words.some((w) => words.has(w)));
  return [...new Set(lines.flatMap((line) => line.movementIds))];
}

/** The wanted tasks of a group that the table knows, each once. */
export const wantedTasksOf = (people: readonly Person[], table: readonly TaskLine[]): readonly WantedTask[] =>
  tasksOf(people)
    .map((task) => ({ task, movementIds: practisedBy(task, table) }))
    .filter(({ movementIds }) => movementIds.length > 0);

/** The wanted tasks that nothing in this plan practises, each with why. */
export function tasksNotIn(
  plan: Plan,
  options: readonly Option[],
  facts: DraftFacts,
  wish: DraftWish,
  table: readonly TaskLine[],
): readonly string[] {
  const planned = new Set(movementRows(plan).map((r) => r.movementId));
  const { catalogue, people } = facts.context;
  return tasksOf(people).flatMap((task) => {
    const ids = practisedBy(task, table);
    if (ids.some((id) => planned.has(id))) return [];
    if (options.some((o) => ids.includes(o.movement.id)))
      return [`${task}, since what practises it would take more from this class than it gives`];
    const whys = ids.flatMap((id) => {
      const movement = catalogue.movement(id);
      const why = movement && whyNotDrafted(movement, facts.context, wish);
      return why ? [`${movement.name.toLowerCase()} practises it, and ${why}`] : [];
    });
    return [`${task}, since ${whys[0] ?? 'no movement here is known to practise it'}`];
  });
}
