import { fail, type Failure } from '../result';
import { nameList } from '../words';
import type { Solve } from './answer';
import { modelText } from './model';
import { draftOptions, type DraftFacts } from './option';
import { roomFor } from './budget';
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

/** Sets are tried from the smallest while there are no more of one size; beyond it, one of which nothing can be given back is taken. */
const MAX_SETS = 200;

/** Why nothing fits: the smallest set of wishes without which something does; of very many wishes, one that cannot be made smaller. */
export function clashOf(facts: DraftFacts, wish: DraftWish, slotMs: number, solve: Solve): Failure {
  const { context } = facts;
  const fits = (w: DraftWish): boolean =>
    solve(modelText(draftOptions(facts, w), context, w, roomFor(context, w, 0))) !== null;
  const wishes = droppable(wish, facts, slotMs);
  const withoutAll = (set: readonly Droppable[]) => fits(set.reduce((w, d) => d.without(w), wish));
  const found = smallest(wishes, withoutAll) ?? irreducible(wishes, withoutAll);
  return fail(
    'no-draft',
    found
      ? `These wishes cannot all be met. Leave out ${nameList(
          found.map((d) => d.words),
          found.length,
        )}, and a class can be drafted.`
      : 'No class fits this time and these people. Give it more time, or bring fewer wishes.',
  );
}

type Fits = (dropped: readonly Droppable[]) => boolean;

function smallest(wishes: readonly Droppable[], fits: Fits): readonly Droppable[] | null {
  for (let size = 1; size <= wishes.length; size++) {
    const sets = setsOf(wishes, size);
    if (sets.length > MAX_SETS) break;
    const found = sets.find(fits);
    if (found) return found;
  }
  return null;
}

/** All are dropped, then each is given back that can be: no smaller part of what is left out would do. */
function irreducible(wishes: readonly Droppable[], fits: Fits): readonly Droppable[] | null {
  if (!fits(wishes)) return null;
  return wishes.reduce<readonly Droppable[]>((dropped, wish) => {
    const fewer = dropped.filter((d) => d !== wish);
    return fits(fewer) ? fewer : dropped;
  }, wishes);
}

/** Every choice of so many, in order. */
const setsOf = <T>(all: readonly T[], size: number): readonly (readonly T[])[] =>
  size === 0
    ? [[]]
    : all.flatMap((first, i) => setsOf(all.slice(i + 1), size - 1).map((rest) => [first, ...rest]));
