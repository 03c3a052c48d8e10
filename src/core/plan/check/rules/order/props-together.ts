import { positionOf } from '../../../../catalogue';
import { groupBy } from '../../../../group';
import { capital, clockText } from '../../../../words';
import { movementPlaces, type MovementPlace, type RuleContext } from '../../finding';
import { PRACTICE, rule } from '../rule';

export const propsTogether = rule({
  code: 'O8',
  severity: 'should',
  title: 'Rows that share a prop or a position sit together',
  reason:
    'Rows that share a prop or a position sit together, so that props go out and come in once and people change place once.',
  source: PRACTICE,
  find: (context) => {
    const places = movementPlaces(context);
    return [...propsGoingOutAgain(context, places), ...tableComingBack(places)];
  },
  mend: (_, { target, again: { row, movement, place } }) => {
    // Within one section a row that comes from below lands just after the target; from above it would close up by one.
    const below = place.section !== target.place.section || place.index > target.place.index;
    return {
      label: `Move ${movement.name.toLowerCase()} to follow ${target.movement.name.toLowerCase()}`,
      step: {
        type: 'moveRow',
        rowId: row.id,
        sectionId: target.place.section.id,
        index: target.place.index + (below ? 1 : 0),
      },
    };
  },
});

type Apart = {
  readonly text: string;
  readonly rowIds: readonly string[];
  /** The end of the first run, and what could follow it. */
  readonly target: MovementPlace;
  readonly again: MovementPlace;
};

function propsGoingOutAgain(context: RuleContext, places: readonly MovementPlace[]): readonly Apart[] {
  const handed = places.flatMap((p) => p.timing.handOut.map((id) => ({ id, p })));
  return [...groupBy(handed, ({ id }) => id)].flatMap(([propId, events]) => {
    const times = events.map(({ p }) => p);
    const [first, again] = times;
    const prop = context.catalogue.prop(propId);
    if (!prop || !first || !again) return [];
    const moreMs = times.slice(1).reduce((n, p) => n + p.timing.propsMs, 0);
    return [
      {
        text: `${capital(prop.plural)} go out ${timesWords(times.length)}; handing them out again costs ${clockText(moreMs)}.`,
        rowIds: times.map((p) => p.row.id),
        target: lastOfRun(places, first),
        again,
      },
    ];
  });
}

/** The last row of the run of rows with the prop of its first. */
function lastOfRun(places: readonly MovementPlace[], first: MovementPlace): MovementPlace {
  const at = places.indexOf(first);
  const end = places.slice(at).findIndex((p) => p.movement.propId !== first.movement.propId);
  return end < 0 ? places.at(-1)! : places[at + end - 1]!;
}

/** People pull their chairs to a table once: rows that need one are in one run. */
function tableComingBack(places: readonly MovementPlace[]): readonly Apart[] {
  const atTable = (p: MovementPlace) => positionOf(p.movement) === 'table';
  const starts = places.filter((p, i) => atTable(p) && (i === 0 || !atTable(places[i - 1]!)));
  const [first, again] = starts;
  if (!first || !again) return [];
  const firstRunEnd = places.findIndex((p, i) => i >= places.indexOf(first) && !atTable(p)) - 1;
  return [
    {
      text: `The table is needed ${timesWords(starts.length)}, with other rows between.`,
      rowIds: starts.map((p) => p.row.id),
      target: places[firstRunEnd]!,
      again,
    },
  ];
}

const timesWords = (n: number): string => (n === 2 ? 'twice' : `${n} times`);
