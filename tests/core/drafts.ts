import { CATALOGUE } from '@/catalogue/movements';
import { PROPS } from '@/catalogue/props';
import { TASKS } from '@/catalogue/tasks';
import type { Dose } from '@/core/dose';
import type { Solve } from '@/core/draft/answer';
import { draftClass, type Draft, type DraftGiven } from '@/core/draft/draft';
import { plainWish, type DraftWish } from '@/core/draft/wish';
import { checkWithReserve } from '@/core/plan/check/check';
import type { ClassFacts } from '@/core/plan/check/class-facts';
import { movementRows } from '@/core/plan/plan';

export const MINUTE = 60_000;

export const wish = (over: Partial<DraftWish> = {}): DraftWish => ({ ...plainWish(45 * MINUTE), ...over });

/** What a draft of a class is made from, where nothing was taught lately. */
export const given = (facts: ClassFacts): DraftGiven => ({
  facts,
  lately: [],
  breathMs: 5_000,
  tasks: TASKS,
});

export const FULL_BAG = Object.fromEntries(PROPS.map((p) => [p.id, 30]));

/** The draft; throws where there is none. */
export function draftBy(solve: Solve, f: ClassFacts, w: DraftWish): Draft {
  const result = draftClass(given(f), w, solve);
  if (!result.ok) throw new Error(result.message);
  return result.value;
}

/** The dose of each movement, where it is done first. */
export const dosesOf = ({ plan }: Draft): ReadonlyMap<string, Dose> =>
  new Map([...movementRows(plan)].reverse().map((r) => [r.movementId, r.dose]));

export const movementsOf = ({ plan }: Draft): readonly string[] =>
  movementRows(plan).map((r) => r.movementId);

/** Looking and breathing need no teaching. */
export const taughtIn = (draft: Draft): number =>
  [...dosesOf(draft).keys()].filter((id) => !['notice', 'breath'].includes(CATALOGUE.movement(id)!.effort))
    .length;

export const mustsOf = ({ plan }: Draft, f: ClassFacts): readonly string[] =>
  checkWithReserve(plan, f)
    .findings.filter((x) => x.severity === 'must')
    .map((x) => `${x.code} ${x.text}`);
