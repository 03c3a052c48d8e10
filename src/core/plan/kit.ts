import { groupBy } from '../group';
import { gradeFor, hasForceLine, type PersonGrade } from '../load/prop-fit';
import type { Person } from '../people/person';
import type { HandVerdict } from '../screening/verdict';
import type { Prop } from '../catalogue/prop';
import { remembered } from '../remember';
import { movementPlaces, type MovementPlace, type RuleContext } from './finding';

export type KitLine = {
  readonly prop: Prop;
  /** The most that are in hands at one time, the instructor's own included. */
  readonly needed: number;
  readonly inBag: number;
  readonly short: number;
  /** Worth packing besides: one for every ten, for what is dropped or does not suit. */
  readonly spares: number;
  readonly rowIds: readonly string[];
  /** The grade that suits each person who holds one; empty where no grade has a force line. */
  readonly grades: readonly PersonGrade[];
};

const ONE_SPARE_PER = 10;

/** What a class needs in the bag: each prop with the most people who hold it at once, and one to show with. */
export const kitFor = (context: RuleContext): readonly KitLine[] =>
  remembered(kits, context, () => linesOf(context));

/** Several rules ask for the same kit. */
const kits = new WeakMap<RuleContext, readonly KitLine[]>();

function linesOf(context: RuleContext): readonly KitLine[] {
  const byProp = groupBy(
    movementPlaces(context).filter((p) => p.movement.propId !== null),
    (p) => p.movement.propId!,
  );
  return [...byProp].flatMap(([propId, places]) => {
    const prop = context.catalogue.prop(propId);
    if (!prop) return [];
    const holding = places.map((p) =>
      context.people.filter((person) => handsHolding(context, p, person).length > 0),
    );
    const needed = Math.max(...holding.map((h) => h.length)) + 1;
    const inBag = context.bag[propId] ?? 0;
    return [
      {
        prop,
        needed,
        inBag,
        short: Math.max(0, needed - inBag),
        spares: Math.ceil(needed / ONE_SPARE_PER),
        rowIds: places.map((p) => p.row.id),
        grades: hasForceLine(prop) ? gradesOf(context, prop, places) : [],
      },
    ];
  });
}

type Holding = { readonly hand: 'L' | 'R'; readonly verdict: HandVerdict };

/** The hands of a person that hold the prop of a row. */
function handsHolding(context: RuleContext, { row }: MovementPlace, person: Person): readonly Holding[] {
  const verdict = context.verdictOf(row.id, person.id);
  return (['L', 'R'] as const).flatMap((hand) => {
    const own = verdict?.[hand];
    const holds = own?.kind === 'do' || (own?.kind === 'adapt' && !own.adaptation.props.includes('none'));
    return own && holds ? [{ hand, verdict: own }] : [];
  });
}

function gradesOf(
  context: RuleContext,
  prop: Prop,
  places: readonly MovementPlace[],
): readonly PersonGrade[] {
  return context.people.flatMap((person) => {
    const hands = places.flatMap((p) => handsHolding(context, p, person));
    return hands.length > 0 ? [gradeFor(prop, person, hands, context.week)] : [];
  });
}

/** How many of each grade to pack, softest first; people whom none suits are counted apart. */
export function gradeCounts({ prop, grades }: KitLine): {
  readonly counts: readonly { readonly name: string; readonly people: number }[];
  readonly unsuited: readonly Person[];
} {
  return {
    counts: prop.grades.map(({ name }) => ({
      name,
      people: grades.filter((g) => g.choice?.grade.name === name).length,
    })),
    unsuited: grades.filter((g) => g.choice === null).map((g) => g.person),
  };
}
