import {
  HAND_JOINTS,
  GRIPPING,
  isThumbHeavy,
  PURPOSES,
  RESISTED,
  type EffortKind,
  type Joint,
} from '../catalogue';
import { groupBy } from '../group';
import { HAND_SPOTS } from '../hand';
import { handOutMs } from '../dose';
import { isFirstClass, OPPOSITE_STRETCH, stretchDirections, type RuleContext, type Volume } from '../plan';
import { HAND_BREAK_MS } from './frame';
import { atLeast, atMost, lpText, type Line, type LinearTerm } from './lp';
import type { Option } from './option';
import { PURPOSE_WORTH, SPOT_WORTH } from './weights';
import type { DraftWish } from './wish';

/** What is left for drafted rows once the frame is in. */
export type Budget = {
  readonly timeMs: number;
  readonly afterLoadingMs: number;
  /** The most that resisted work and loading may come to; null where there is nothing to rise from. */
  readonly volumeMost: { readonly [K in keyof Volume]: number | null };
};

export const MAX_PROPS = 3;
/** A little inside the quarter of the rows that the rule allows: the frame and the mends add rows. */
const MAX_OUT_SHARE = 0.2;

/** The most rows that somebody may be left out of; who is left out of more of all that could be done counts as they are. */
export const outShareOf = (personId: string, options: readonly Option[]): number =>
  Math.max(MAX_OUT_SHARE, options.filter((o) => o.out.has(personId)).length / Math.max(1, options.length));
export const MAX_NEW = 3;
const MAX_GRIPPING = 4;
/** A class of many tiny rows is all explaining: a row for so long at the most. */
const MIN_ROW_MS = 72_000;
export const mostRows = (lengthMs: number): number => Math.floor(lengthMs / MIN_ROW_MS);
const MAX_OF: Partial<Record<EffortKind, number>> = {
  notice: 1,
  warm: 2,
  breath: 1,
  tap: 1,
  coordination: 1,
  stretch: 4,
  isometric: 3,
  opening: 3,
  massage: 2,
};
/** One loading row, two where the class is to be about bone. */
const mostLoading = ({ focus }: DraftWish): number => (focus.includes('bone') ? 2 : 1);
const MAX_BODY = 3;

/** The selection as a mixed-integer model in CPLEX LP text; a variable `x…` is an option taken, `z_…` a prop used. */
export function modelText(
  options: readonly Option[],
  context: RuleContext,
  wish: DraftWish,
  room: Budget,
): string {
  const propIds = [...new Set(options.flatMap((o) => o.movement.propId ?? []))];
  const coverage = coverageTerms(options);
  const objective: LinearTerm[] = [
    ...options.map((o): LinearTerm => [o.worth, o.key]),
    ...coverage.objective,
  ];
  const lines = [
    ...timeAndProps(options, context, room, propIds),
    ...onceEach(options),
    ...balance(options, context, wish),
    ...people(options, context),
    ...rises(options, room),
    ...wish.pinned.map((id) => pinnedLine(byMovement(options, id), options)),
    ...coverage.lines,
  ].filter((l) => l.terms.length > 0);
  return lpText({
    objective,
    lines,
    shares: coverage.objective.map(([, name]) => name),
    binaries: [...options.map((o) => o.key), ...propIds.map((_, i) => `z_${i}`)],
  });
}

const byMovement = (options: readonly Option[], id: string) => options.filter((o) => o.movement.id === id);

/** A pin on what cannot be taken at all can never be met: the line asks more of an option than there is. */
const pinnedLine = (pinned: readonly Option[], options: readonly Option[]): Line =>
  pinned.length > 0 ? atLeast(pinned, 1) : atLeast(options.slice(0, 1), 2);

/** What a row takes of the time, with the break or the counter-stretch that it brings. */
export const rowMs = (o: Option, room: Budget): number =>
  o.costMs +
  (GRIPPING.has(o.movement.effort) ? HAND_BREAK_MS / 2 : 0) +
  (o.movement.effort === 'load' ? room.afterLoadingMs : 0);

/** What a prop takes, once out and once in. */
export const propMs = ({ people: there, helpers }: RuleContext): number =>
  2 * handOutMs(there.length, helpers);

/** Rows, hand-outs and the breaks that gripping brings fit the time; a prop is counted once it is used. */
function timeAndProps(
  options: readonly Option[],
  context: RuleContext,
  room: Budget,
  propIds: readonly string[],
): Line[] {
  const handingMs = propMs(context);
  const used = propIds.map((id, i) => ({ id, name: `z_${i}` }));
  return [
    {
      terms: [
        ...options.map((o): LinearTerm => [rowMs(o, room) / 1000, o.key]),
        ...used.map((p): LinearTerm => [handingMs / 1000, p.name]),
      ],
      sense: '<=',
      bound: room.timeMs / 1000,
    },
    { terms: used.map((p): LinearTerm => [1, p.name]), sense: '<=', bound: MAX_PROPS },
    ...options.flatMap((o): Line[] => {
      const prop = used.find((p) => p.id === o.movement.propId);
      return prop
        ? [
            {
              terms: [
                [1, o.key],
                [-1, prop.name],
              ],
              sense: '<=',
              bound: 0,
            },
          ]
        : [];
    }),
  ];
}

const onceEach = (options: readonly Option[]): Line[] =>
  [...groupBy(options, (o) => o.movement.id)].map(([, same]) => atMost(same, 1));

/** The order and balance rules as far as a selection can keep them. */
function balance(options: readonly Option[], context: RuleContext, wish: DraftWish): Line[] {
  const of = (is: (o: Option) => boolean) => options.filter(is);
  const effort = (kind: Option['movement']['effort']) => of((o) => o.movement.effort === kind);
  const grips = of((o) => GRIPPING.has(o.movement.effort));
  const opens = of((o) => o.movement.effort === 'opening' || o.movement.traits.includes('opens the hand'));
  const thumbs = of((o) => isThumbHeavy(o.movement));
  return [
    atLeast(effort('notice'), 1),
    atLeast(effort('warm'), 1),
    atLeast(effort('active'), 3),
    ...Object.entries(MAX_OF).map(([kind, most]) => atMost(effort(kind as EffortKind), most)),
    atMost(effort('load'), mostLoading(wish)),
    atMost(options, mostRows(wish.lengthMs)),
    atMost(of(isBodyAlone), MAX_BODY),
    ...stretchesInPairs(options, context),
    atMost(grips, MAX_GRIPPING),
    atMost(thumbs, 2),
    ...(isFirstClass(context)
      ? []
      : [
          atMost(
            of((o) => o.isNew),
            MAX_NEW,
          ),
        ]),
    {
      terms: [...grips.map((o): LinearTerm => [1, o.key]), ...opens.map((o): LinearTerm => [-2, o.key])],
      sense: '<=',
      bound: 0,
    },
    ...HAND_JOINTS.flatMap((joint) => activeFirst(options, joint)),
  ];
}

const isBodyAlone = ({ movement: m }: Option): boolean => !m.joints.some((j) => HAND_JOINTS.includes(j));

/** A stretch one way is only taken with one the other way. */
function stretchesInPairs(options: readonly Option[], context: RuleContext): Line[] {
  const stretches = options
    .filter((o) => o.movement.effort === 'stretch')
    .map((o) => ({ o, ways: stretchDirections(context.catalogue, o.movement) }));
  return stretches.flatMap(({ o, ways }) =>
    ways.map((way): Line => {
      const pairs = stretches.filter((s) => s.ways.includes(OPPOSITE_STRETCH[way]));
      return {
        terms: [[1, o.key], ...pairs.map((s): LinearTerm => [-1, s.o.key])],
        sense: '<=',
        bound: 0,
      };
    }),
  );
}

/** What stretches or works a joint is only taken with something that moves it gently. */
function activeFirst(options: readonly Option[], joint: Joint): Line[] {
  const gentle = options.filter((o) => o.movement.effort === 'active' && o.movement.joints.includes(joint));
  return options
    .filter((o) => RESISTED.has(o.movement.effort) || o.movement.effort === 'stretch')
    .filter((o) => o.movement.joints.includes(joint))
    .map((o): Line => ({
      terms: [[1, o.key], ...gentle.map((g): LinearTerm => [-1, g.key])],
      sense: '<=',
      bound: 0,
    }));
}

/** Everybody has something to do in at least three quarters of the rows. */
const people = (options: readonly Option[], context: RuleContext): Line[] =>
  context.people.map((person) => ({
    terms: options.map((o): LinearTerm => [
      (o.out.has(person.id) ? 1 : 0) - outShareOf(person.id, options),
      o.key,
    ]),
    sense: '<=',
    bound: 0,
  }));

const rises = (options: readonly Option[], { volumeMost }: Budget): Line[] =>
  (['resisted', 'loading'] as const).flatMap((kind): Line[] => {
    const most = volumeMost[kind];
    if (most === null) return [];
    const asking = options.filter((o) => o.volume[kind] > 0);
    return [{ terms: asking.map((o): LinearTerm => [o.volume[kind], o.key]), sense: '<=', bound: most }];
  });

/** Coverage with diminishing worth: as many steps of a spot or a purpose are taken as options that have it. */
function coverageTerms(options: readonly Option[]): { objective: LinearTerm[]; lines: Line[] } {
  const covered = [
    ...HAND_SPOTS.map((s, i) => ({
      name: `s${i}`,
      worth: SPOT_WORTH as readonly number[],
      by: options.filter((o) => o.spots.includes(s.id)),
    })),
    ...PURPOSES.map((p, i) => ({
      name: `p${i}`,
      worth: PURPOSE_WORTH as readonly number[],
      by: options.filter((o) => o.movement.purpose === p),
    })),
  ].filter((c) => c.by.length > 0);
  const steps = (c: (typeof covered)[number]) => c.worth.map((w, i): LinearTerm => [w, `${c.name}_${i}`]);
  return {
    objective: covered.flatMap(steps),
    lines: covered.map((c): Line => ({
      terms: [
        ...steps(c).map(([, name]): LinearTerm => [1, name]),
        ...c.by.map((o): LinearTerm => [-1, o.key]),
      ],
      sense: '<=',
      bound: 0,
    })),
  };
}
