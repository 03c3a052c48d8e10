import { GRIPPING } from '../catalogue';
import { handOutMs } from '../dose';
import type { RuleContext, Volume } from '../plan';
import { balance } from './balance';
import { ENDING, HAND_BREAK_MS } from './frame';
import { atLeast, atMost, lpText, onlyWith, type Line, type LinearTerm } from './lp';
import { byMovement, type Option } from './option';
import type { DraftWish } from './wish';
import { alikeTerms, coverageTerms, minuteTerms, seriesTerms } from './worth';
import { groupBy } from '../group';

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
/** Left out of more of all that could be done, nobody has something to do in one row of three, whatever is chosen. */
const TOO_MUCH_OUT = 2 / 3;
export const peopleWithLittle = (options: readonly Option[], { people: there }: RuleContext) =>
  there.filter(({ id }) => outShareOf(id, options) > TOO_MUCH_OUT);

/** The selection as a mixed-integer model in CPLEX LP text; a variable `x…` is an option taken, `z_…` a prop used. */
export function modelText(
  options: readonly Option[],
  context: RuleContext,
  wish: DraftWish,
  room: Budget,
): string {
  const coverage = coverageTerms(options, wish);
  const minutes = minuteTerms(options, wish);
  const alike = alikeTerms(options);
  const series = seriesTerms(options, context);
  const objective: LinearTerm[] = [
    ...options.map((o): LinearTerm => [o.worth, o.key]),
    ...coverage.objective,
    ...minutes.objective,
    ...alike.objective,
    ...series.objective,
  ];
  const lines = [
    ...modelLines(options, context, wish, room),
    ...coverage.lines,
    ...minutes.lines,
    ...alike.lines,
    ...series.lines,
  ].filter((l) => l.terms.length > 0);
  return lpText({
    objective,
    lines,
    shares: [coverage, minutes, alike, series].flatMap((t) => t.objective.map(([, name]) => name)),
    binaries: [...options.map((o) => o.key), ...propVariables(options).values()],
  });
}

/** What every selection keeps, whatever it is worth. */
export const modelLines = (
  options: readonly Option[],
  context: RuleContext,
  wish: DraftWish,
  room: Budget,
): readonly Line[] => [
  ...timeAndProps(options, context, room),
  ...onceEach(options),
  ...balance(options, context, wish),
  ...people(options, context),
  ...rises(options, room),
  ...[...wish.pinned, ...wish.stays]
    .filter((id) => !ENDING.some((e) => e === id))
    .map((id) => pinnedLine(ofMovement(options, id), options)),
];

/** The variable of each prop that something could need, by its id. */
export const propVariables = (options: readonly Option[]): ReadonlyMap<string, string> =>
  new Map([...new Set(options.flatMap((o) => o.movement.propId ?? []))].map((id, i) => [id, `z_${i}`]));

const ofMovement = (options: readonly Option[], id: string) => options.filter((o) => o.movement.id === id);

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
function timeAndProps(options: readonly Option[], context: RuleContext, room: Budget): Line[] {
  const handingMs = propMs(context);
  const used = [...propVariables(options)].map(([id, name]) => ({ id, name }));
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
    ...used.flatMap((p) =>
      byMovement(options.filter((o) => o.movement.propId === p.id)).map(({ same }) =>
        onlyWith(same, [[1, p.name]]),
      ),
    ),
  ];
}

const onceEach = (options: readonly Option[]): Line[] =>
  byMovement(options).map(({ same }) => atMost(same, 1));

/** Everybody has something to do in at least three quarters of the rows; who is left out of the same is said once. */
const people = (options: readonly Option[], { people: there }: RuleContext): Line[] =>
  [...groupBy(there, ({ id }) => options.flatMap((o) => (o.out.has(id) ? o.key : [])).join(' '))]
    .filter(([outOf]) => outOf !== '')
    .map(([, [person]]) => ({
      terms: options.map((o): LinearTerm => [
        (o.out.has(person!.id) ? 1 : 0) - outShareOf(person!.id, options),
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
