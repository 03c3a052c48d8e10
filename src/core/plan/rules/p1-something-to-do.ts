import { fullName } from '../../people/person';
import { plural } from '../../words';
import { finding, leftOutOf, movementPlaces, type SequencingRule } from '../finding';

/** P1 Never more than two rows in a row left out for one person; at most a quarter of the class. */
export const somethingToDo: SequencingRule = (context) => {
  const places = movementPlaces(context);
  const outOf = places.map((p) => leftOutOf(context, p.row.id));
  return context.people.flatMap((person) => {
    const out = outOf.map((ids) => ids.has(person.id));
    if (!out.includes(true)) return [];
    const run = longestRun(out);
    const rowsOut = places.filter((_, i) => out[i]).map((p) => p.row.id);
    if (run.length > 2)
      return [
        finding(
          'P1',
          'must',
          `${fullName(person)} has nothing to do for ${plural(run.length, 'row')} in a row.`,
          'Everyone has something to do; two rows of resting in a row is the most.',
          {
            rowIds: places.slice(run.start, run.start + run.length).map((p) => p.row.id),
            personIds: [person.id],
          },
        ),
      ];
    if (rowsOut.length * 4 > places.length)
      return [
        finding(
          'P1',
          'should',
          `${fullName(person)} is left out of ${rowsOut.length} of ${plural(places.length, 'row')}.`,
          'At most a quarter of a class is left out for anyone.',
          { rowIds: rowsOut, personIds: [person.id] },
        ),
      ];
    return [];
  });
};

function longestRun(flags: readonly boolean[]): { start: number; length: number } {
  let best = { start: 0, length: 0 };
  let start = 0;
  flags.forEach((flag, i) => {
    if (!flag) start = i + 1;
    else if (i + 1 - start > best.length) best = { start, length: i + 1 - start };
  });
  return best;
}
