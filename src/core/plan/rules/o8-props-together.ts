import { groupBy } from '../../group';
import { positionOf } from '../../catalogue/movement';
import { capital, clockText } from '../../words';
import {
  finding,
  movementPlaces,
  type Finding,
  type MovementPlace,
  type RuleContext,
  type SequencingRule,
} from '../finding';

/** O8 Items sharing a prop or a position sit together, so that props go out and come in once. */
export const propsTogether: SequencingRule = (context) => {
  const places = movementPlaces(context);
  return [...propsGoingOutAgain(context, places), ...tableComingBack(places)];
};

function propsGoingOutAgain(context: RuleContext, places: readonly MovementPlace[]): readonly Finding[] {
  const handed = places.filter((p) => p.timing.handOut !== null);
  return [...groupBy(handed, (p) => p.timing.handOut!)].flatMap(([propId, times]) => {
    const [first, again] = times;
    const prop = context.catalogue.prop(propId);
    if (!prop || !first || !again) return [];
    return [
      finding(
        'O8',
        'should',
        `${capital(prop.plural)} go out ${times.length === 2 ? 'twice' : `${times.length} times`}, ${clockText(times.slice(1).reduce((n, p) => n + p.timing.propsMs, 0))} of handing out and collecting more.`,
        'Rows that share a prop sit together, so that it goes out and comes in once.',
        { rowIds: times.map((p) => p.row.id), mend: bringTo(lastOfRun(places, first), again) },
      ),
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
function tableComingBack(places: readonly MovementPlace[]): readonly Finding[] {
  const atTable = (p: MovementPlace) => positionOf(p.movement) === 'table';
  const starts = places.filter((p, i) => atTable(p) && (i === 0 || !atTable(places[i - 1]!)));
  const [, again] = starts;
  if (!again) return [];
  const firstRunEnd = places.findIndex((p, i) => i >= places.indexOf(starts[0]!) && !atTable(p)) - 1;
  return [
    finding(
      'O8',
      'should',
      `The table is needed ${starts.length === 2 ? 'twice' : `${starts.length} times`}, with other rows between.`,
      'Rows that share a position sit together, so that people change place once.',
      { rowIds: starts.map((p) => p.row.id), mend: bringTo(places[firstRunEnd]!, again) },
    ),
  ];
}

function bringTo(target: MovementPlace, { row, movement, place }: MovementPlace): Finding['mend'] {
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
}
