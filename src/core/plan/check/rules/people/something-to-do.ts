import { fullName } from '../../../../people';
import { plural } from '../../../../words';
import { leftOutOf, movementPlaces } from '../../finding';
import { PRACTICE, rule } from '../rule';

/** So many rows in a row at most rests anyone; one of so many rows of the class at most. */
const MAX_IN_A_ROW = 2;
const ONE_OF = 4;

export const SOMETHING_TO_DO = 'P1';

export const somethingToDo = rule({
  code: SOMETHING_TO_DO,
  severity: 'must',
  title: 'Everyone has something to do',
  reason: 'Nobody should sit out more than two movements running, or more than a quarter of the class.',
  source: PRACTICE,
  find: (context) => {
    const places = movementPlaces(context);
    const outOf = places.map((p) => leftOutOf(context, p.row.id));
    return context.people.flatMap((person) => {
      const out = outOf.map((ids) => ids.has(person.id));
      if (!out.includes(true)) return [];
      const personIds = [person.id];
      const run = longestRun(out);
      if (run.length > MAX_IN_A_ROW)
        return [
          {
            text: `${fullName(person)} has nothing to do for ${plural(run.length, 'row')} in a row.`,
            rowIds: places.slice(run.start, run.start + run.length).map((p) => p.row.id),
            personIds,
          },
        ];
      const rowIds = places.filter((_, i) => out[i]).map((p) => p.row.id);
      if (rowIds.length * ONE_OF <= places.length) return [];
      return [
        {
          text: `${fullName(person)} is left out of ${rowIds.length} of ${plural(places.length, 'row')}.`,
          severity: 'should' as const,
          rowIds,
          personIds,
        },
      ];
    });
  },
});

function longestRun(flags: readonly boolean[]): { start: number; length: number } {
  let best = { start: 0, length: 0 };
  let start = 0;
  flags.forEach((flag, i) => {
    if (!flag) start = i + 1;
    else if (i + 1 - start > best.length) best = { start, length: i + 1 - start };
  });
  return best;
}
