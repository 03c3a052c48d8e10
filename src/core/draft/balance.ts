import {
  GRIPPING,
  HAND_JOINTS,
  isThumbHeavy,
  RESISTED,
  type EffortKind,
  type Joint,
  type Movement,
} from '../catalogue';
import { isFirstClass, OPPOSITE_STRETCH, stretchDirections, type RuleContext } from '../plan';
import { AFTER_LOADING, ENDING } from './frame';
import { atLeast, atMost, onlyWith, type Line, type LinearTerm } from './lp';
import { byMovement, type Option } from './option';
import type { DraftWish, Focus } from './wish';

export const MAX_NEW = 3;
/** In a first class everything is new: so many movements are taught. Looking at the hands and breathing quietly need no teaching. */
export const MAX_FIRST = 8;
export const UNTAUGHT: ReadonlySet<EffortKind> = new Set(['notice', 'breath']);
const isTaught = ({ effort }: Movement): boolean => !UNTAUGHT.has(effort);
const taughtOf = (ids: readonly string[], { catalogue }: RuleContext): number =>
  ids.filter((id) => {
    const movement = catalogue.movement(id);
    return movement !== undefined && isTaught(movement);
  }).length;
/** A first class that teaches as many as it may. */
export const isFirstFull = (chosen: readonly Option[], context: RuleContext): boolean =>
  isFirstClass(context) &&
  movementsOf(chosen.filter((o) => isTaught(o.movement))) >= MAX_FIRST - taughtOf(ENDING, context);

export const MAX_GRIPPING = 4;
export const MAX_THUMB = 2;
/** Few movements that are done for long rather than many short ones: one for so long at the most, those of the ending among them. */
const MIN_ROW_MS = 150_000;
const FEWEST_MOVEMENTS = 8;
export const mostMovements = (lengthMs: number): number =>
  Math.max(FEWEST_MOVEMENTS, Math.floor(lengthMs / MIN_ROW_MS)) - ENDING.length;
/** The most rows of one kind of work; of what the class is to be about there may be more. */
const MAX_OF: Partial<Record<EffortKind, number>> = {
  notice: 1,
  warm: 2,
  breath: 1,
  tap: 1,
  coordination: 2,
  stretch: 4,
  isometric: 3,
  opening: 3,
  massage: 2,
  load: 1,
};
export const CAPPED_KINDS = Object.keys(MAX_OF) as EffortKind[];
const MORE_IN_FOCUS: Readonly<Record<Focus, Partial<Record<EffortKind, number>>>> = {
  stiffness: { stretch: 2, coordination: 1 },
  grip: { opening: 1 },
  bone: { load: 1 },
  calm: { massage: 3, breath: 2, warm: 1, isometric: -2 },
};
/** What needs no teaching fills the time of a first class. */
const MORE_IN_FIRST: Partial<Record<EffortKind, number>> = { notice: 1, breath: 1 };
export const mostOf = (kind: EffortKind, { focus }: DraftWish, context: RuleContext): number =>
  focus.reduce((n, f) => n + (MORE_IN_FOCUS[f][kind] ?? 0), MAX_OF[kind] ?? Infinity) +
  (isFirstClass(context) ? (MORE_IN_FIRST[kind] ?? 0) : 0);
export const MAX_BODY = 3;

/** The order and balance rules as far as a selection can keep them. */
export function balance(options: readonly Option[], context: RuleContext, wish: DraftWish): Line[] {
  const of = (is: (o: Option) => boolean) => options.filter(is);
  const effort = (kind: Option['movement']['effort']) => of((o) => o.movement.effort === kind);
  const grips = of((o) => GRIPPING.has(o.movement.effort));
  const opens = of((o) => o.movement.effort === 'opening' || o.movement.traits.includes('opens the hand'));
  const thumbs = of((o) => isThumbHeavy(o.movement));
  return [
    ...fewestOf(context).map(([kind, n]) => atLeast(effort(kind), n)),
    ...CAPPED_KINDS.map((kind) => atMost(effort(kind), mostOf(kind, wish, context))),
    ...byMovement(options.filter(isLoading)).map(({ same }) => onlyWith(same, [[1, ANY_LOADING]])),
    { terms: countTerms(options), sense: '<=' as const, bound: mostMovements(wish.lengthMs) },
    atMost(of(isBodyAlone), MAX_BODY),
    ...stretchesInPairs(options, context),
    atMost(grips, MAX_GRIPPING),
    atMost(thumbs, MAX_THUMB),
    // Two in a row would be too much for the thumb, and in the grip section nothing comes between.
    atMost(
      thumbs.filter((o) => GRIPPING.has(o.movement.effort)),
      Math.max(1, thumbs.filter((o) => wish.pinned.includes(o.movement.id)).length),
    ),
    ...(isFirstClass(context)
      ? [
          {
            terms: countTerms(options.filter((o) => isTaught(o.movement))),
            sense: '<=' as const,
            bound: MAX_FIRST - taughtOf(ENDING, context),
          },
        ]
      : [
          {
            terms: options
              .map((o): LinearTerm => [newWith(o, context), o.key])
              .filter(([weight]) => weight > 0),
            sense: '<=' as const,
            bound: Math.max(MAX_NEW - newOf(ENDING, context), newAtLeast(options, context)),
          },
        ]),
    {
      terms: [...grips.map((o): LinearTerm => [1, o.key]), ...opens.map((o): LinearTerm => [-2, o.key])],
      sense: '<=',
      bound: 0,
    },
    ...HAND_JOINTS.flatMap((joint) => activeFirst(options, joint)),
    ...buildingUp(options, context, wish),
  ];
}

/** Every class has something to notice, to warm and to move. */
const fewestOf = (context: RuleContext): readonly (readonly [kind: EffortKind, n: number])[] => [
  ['notice', 1],
  ['warm', 1],
  ['active', isFirstClass(context) ? 2 : 3],
];

/** New movements without which a group that was shown little could have no class at all. */
const newAtLeast = (options: readonly Option[], context: RuleContext): number =>
  fewestOf(context).reduce((sum, [kind, n]) => {
    const ofKind = options.filter((o) => o.movement.effort === kind && !o.isNew);
    return sum + Math.max(0, n - new Set(ofKind.map((o) => o.movement.id)).size);
  }, 0);

/** What builds on other movements is taken only with one of them, or where the group has been shown one. */
const buildingUp = (options: readonly Option[], { shown }: RuleContext, { pinned }: DraftWish): Line[] =>
  byMovement(options).flatMap(({ movement: { id, follows }, same }) => {
    const isReady = follows.length === 0 || follows.some((f) => shown.includes(f));
    if (isReady || pinned.includes(id)) return [];
    return [onlyWith(same, oneEach(options.filter((o) => follows.includes(o.movement.id))))];
  });

const isLoading = ({ movement }: Option): boolean => movement.effort === 'load';
/** 1 where anything is loaded: what comes after loading is there then, the same however often. */
export const ANY_LOADING = 'load';

/** How many movements a selection has, those that come after loading among them. */
export const movementsOf = (chosen: readonly Option[]): number =>
  chosen.length + (chosen.some(isLoading) ? AFTER_LOADING.length : 0);
const countTerms = (options: readonly Option[]): readonly LinearTerm[] => [
  ...options.map((o): LinearTerm => [1, o.key]),
  ...(options.some(isLoading) ? [[AFTER_LOADING.length, ANY_LOADING] as const] : []),
];

/** Of these, so many have not been shown to the group. */
const newOf = (ids: readonly string[], { shown }: RuleContext): number =>
  ids.filter((id) => !shown.includes(id)).length;
/** What is taught for the first time with an option: the movement, and what a loading row brings. */
const newWith = (o: Option, context: RuleContext): number =>
  Number(o.isNew) + (o.movement.effort === 'load' ? newOf(AFTER_LOADING, context) : 0);

export const isBodyAlone = ({ movement: m }: Option): boolean =>
  !m.joints.some((j) => HAND_JOINTS.includes(j));

/** A stretch one way is only taken with one the other way. */
function stretchesInPairs(options: readonly Option[], context: RuleContext): Line[] {
  const { catalogue } = context;
  const waysOf = (o: Option) => stretchDirections(catalogue, o.movement);
  const stretches = options.filter((o) => o.movement.effort === 'stretch');
  // A loading row brings a stretch of its own.
  const brought = AFTER_LOADING.flatMap((id) => {
    const m = catalogue.movement(id);
    return m?.effort === 'stretch' ? stretchDirections(catalogue, m) : [];
  });
  return byMovement([...stretches, ...options.filter(isLoading)]).flatMap(({ movement, same }) => {
    const ways = movement.effort === 'load' ? brought : stretchDirections(catalogue, movement);
    return ways
      .map((way) => OPPOSITE_STRETCH[way])
      .filter((opposite) => !ways.includes(opposite))
      .map((opposite) => onlyWith(same, oneEach(stretches.filter((s) => waysOf(s).includes(opposite)))));
  });
}

/** What stretches or works a joint is only taken with something that moves it gently. */
function activeFirst(options: readonly Option[], joint: Joint): Line[] {
  const moving = options.filter((o) => o.movement.joints.includes(joint));
  const gentle = oneEach(moving.filter((o) => o.movement.effort === 'active'));
  return byMovement(
    moving.filter((o) => RESISTED.has(o.movement.effort) || o.movement.effort === 'stretch'),
  ).map(({ same }) => onlyWith(same, gentle));
}

const oneEach = (options: readonly Option[]): readonly LinearTerm[] =>
  options.map((o): LinearTerm => [1, o.key]);
