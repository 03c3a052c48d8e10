import { groupBy } from '../../group';
import { gradeFor, hasForceLine, type PersonGrade } from '../../load';
import type { Person } from '../../people';
import { holdsProp, type HandVerdict, type Verdict } from '../../screening';
import { propsOf, type Prop } from '../../catalogue';
import { memo, remembered } from '../../remember';
import { movementPlaces, type RuleContext } from './finding';

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
  const held = movementPlaces(context).flatMap((place) =>
    propsOf(place.movement).map((id) => ({ id, place })),
  );
  return [...groupBy(held, ({ id }) => id)].flatMap(([propId, uses]) => {
    const places = uses.map(({ place }) => place);
    const prop = context.catalogue.prop(propId);
    if (!prop) return [];
    const holding = places.map((p) => holdersOf(context.verdictsOn(p.row.id)));
    const needed = Math.max(...holding.map((h) => h.size)) + 1;
    const inBag = context.bag[propId] ?? 0;
    return [
      {
        prop,
        needed,
        inBag,
        short: Math.max(0, needed - inBag),
        spares: Math.ceil(needed / ONE_SPARE_PER),
        rowIds: places.map((p) => p.row.id),
        grades: hasForceLine(prop) ? gradesOf(context, prop, holding) : [],
      },
    ];
  });
}

type Holding = { readonly hand: 'L' | 'R'; readonly verdict: HandVerdict };
type Holders = ReadonlyMap<string, readonly Holding[]>;

const holders = new WeakMap<ReadonlyMap<string, Verdict>, Holders>();

/** Who holds the prop of a row, by person id, with which hands. */
const holdersOf = (verdicts: ReadonlyMap<string, Verdict>): Holders =>
  remembered(holders, verdicts, () => {
    const hands = [...verdicts].map(([id, verdict]) => [id, handsHolding(verdict)] as const);
    return new Map(hands.filter(([, held]) => held.length > 0));
  });

const handsHolding = (verdict: Verdict): readonly Holding[] =>
  (['L', 'R'] as const).flatMap((hand) =>
    holdsProp(verdict[hand]) ? [{ hand, verdict: verdict[hand] }] : [],
  );

const grades = memo<readonly PersonGrade[]>();

/** The grade for everyone who holds a prop; the same holders in the same week need no second thought. */
const gradesOf = (context: RuleContext, prop: Prop, holding: readonly Holders[]): readonly PersonGrade[] =>
  grades([prop, context.people, ...holding], String(context.week), () =>
    context.people.flatMap((person) => {
      const hands = holding.flatMap((h) => h.get(person.id) ?? []);
      return hands.length > 0 ? [gradeFor(prop, person, hands, context.week)] : [];
    }),
  );

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
