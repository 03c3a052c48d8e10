import type { Person } from '@/core/people/person';
import type { ClassFacts, PlanCheck } from '@/core/plan/check';
import type { Plan } from '@/core/plan/plan';
import type { PlanEditor } from './use-plan';

/** What every part of the running order is given. */
export type OrderProps = {
  editor: PlanEditor;
  check: PlanCheck;
  facts: ClassFacts;
  /** The people the weave shows, in its order; null rows are all rows. */
  weave: { readonly people: readonly Person[]; readonly rowIds: ReadonlySet<string> | null };
  last: { readonly day: string; readonly plan: Plan } | null;
  openRow: string | null;
  onOpenRow: (rowId: string | null) => void;
};

/** More people than this, and the weave scrolls in a window of its own with its heads in sight. */
export const LARGE_WEAVE = 18;
