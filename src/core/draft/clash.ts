import { fail, type Failure } from '../result';
import { nameList } from '../words';
import type { Solve } from './draft';
import { modelText } from './model';
import { draftOptions, type DraftFacts } from './option';
import { roomFor } from './room';
import type { DraftWish } from './wish';

/** A wish that can be dropped when they cannot all be met. */
type Droppable = { readonly words: string; readonly without: (wish: DraftWish) => DraftWish };

function droppable(
  { pinned, withoutProps, lengthMs }: DraftWish,
  { context }: DraftFacts,
  slotMs: number,
): readonly Droppable[] {
  const name = (id: string) =>
    context.catalogue.movement(id)?.name.toLowerCase() ?? 'a movement nobody knows';
  return [
    ...pinned.map((id) => ({
      words: `the pin on ${name(id)}`,
      without: (w: DraftWish) => ({ ...w, pinned: w.pinned.filter((p) => p !== id) }),
    })),
    ...(withoutProps
      ? [{ words: 'doing without props', without: (w: DraftWish) => ({ ...w, withoutProps: false }) }]
      : []),
    ...(lengthMs < slotMs
      ? [{ words: 'the shorter length', without: (w: DraftWish) => ({ ...w, lengthMs: slotMs }) }]
      : []),
  ];
}

/** Sets of wishes grow no larger than this before the search gives up. */
const MOST_DROPPED = 3;

/** Why nothing fits: the smallest set of wishes without which something does. */
export function clashOf(facts: DraftFacts, wish: DraftWish, slotMs: number, solve: Solve): Failure {
  const { context } = facts;
  const fits = (w: DraftWish): boolean =>
    solve(modelText(draftOptions(facts, w), context, w, roomFor(context, w, 0))) !== null;
  const wishes = droppable(wish, facts, slotMs);
  for (let size = 1; size <= Math.min(MOST_DROPPED, wishes.length); size++) {
    const found = setsOf(wishes, size).find((set) => fits(set.reduce((w, d) => d.without(w), wish)));
    if (found)
      return fail(
        'no-draft',
        `These wishes cannot all be met. Leave out ${nameList(
          found.map((d) => d.words),
          MOST_DROPPED,
        )}, and a class can be drafted.`,
      );
  }
  return fail(
    'no-draft',
    'No class fits this time and these people. Give it more time, or bring fewer wishes.',
  );
}

/** Every choice of so many, in order. */
const setsOf = <T>(all: readonly T[], size: number): readonly (readonly T[])[] =>
  size === 0
    ? [[]]
    : all.flatMap((first, i) => setsOf(all.slice(i + 1), size - 1).map((rest) => [first, ...rest]));
