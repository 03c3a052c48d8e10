import type { Person } from '../people';
import type { WantedTask } from './option';

/** Words that a wanted task may have, and the movements that practise what the hands do in it. */
export type TaskLine = { readonly words: readonly string[]; readonly movementIds: readonly string[] };

/** The wanted tasks of a group that the table knows, each once. */
export function wantedTasksOf(people: readonly Person[], table: readonly TaskLine[]): readonly WantedTask[] {
  const tasks = [...new Set(people.map((p) => p.wantedTask).filter(Boolean))];
  return tasks.flatMap((task): WantedTask[] => {
    const words = new Set(task.toLowerCase().match(/\p{L}+/gu) ?? []);
    const lines = table.filter((line) => line.words.some((w) => words.has(w)));
    const movementIds = [...new Set(lines.flatMap((line) => line.movementIds))];
    return movementIds.length > 0 ? [{ task, movementIds }] : [];
  });
}
