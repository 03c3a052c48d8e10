import type { ReserveRange } from '@/core/load';
import type { Person } from '@/core/people';
import type { Block, ClassFacts, Plan, PlanCheck, RowTrace } from '@/core/plan';
import type { OrderEditor } from '../use-plan';

/** What every part of the running order is given. */
export type OrderProps = {
  editor: OrderEditor;
  check: PlanCheck;
  facts: ClassFacts;
  /** The people the weave shows, in its order; null rows are all rows. */
  weave: { readonly people: readonly Person[]; readonly rowIds: ReadonlySet<string> | null };
  /** Saved blocks that can be put in. */
  blocks: readonly Block[];
  /** Set-ups on the floor and impact are offered. */
  floor: boolean;
  /** Rows chosen together; null while rows are not being chosen. */
  chosen: ReadonlySet<string> | null;
  onChoose: (rowId: string) => void;
  /** A panel stands beside, and the names stay in sight while the people are scrolled. */
  beside: boolean;
  /** Small rows, for a look at the whole. */
  overview: boolean;
  /** What the rows go on into on the right. */
  side: Side;
  lastTaught: { readonly day: string; readonly plan: Plan } | null;
  openRow: string | null;
  onOpenRow: (rowId: string | null) => void;
};

/** More marks than this, and rows far from the screen keep theirs back until they come near. */
export const MANY_MARKS = 800;

/** More people than this, and the weave scrolls in a window of its own with its heads in sight. */
export const LARGE_WEAVE = 18;

/** The people of the weave, or the traces of the class by row id. */
export type Side =
  | { readonly kind: 'people' }
  | {
      readonly kind: 'traces';
      readonly traces: ReadonlyMap<string, RowTrace>;
      readonly lowest: ReserveRange | null;
      readonly working: boolean;
    };

/** Columns of one trace each. */
export const TRACE_COLUMNS = [
  'time',
  'left reserve',
  'right reserve',
  'loading',
  'stretch, hold',
  'breaks',
] as const;

/** A row is 44 px with its line, and less in the overview. */
export const rowHeight = (overview: boolean): string => (overview ? 'h-7' : 'h-[2.6875rem]');

/** Columns of a row itself: bead, start, purpose, name, cord, count, length. */
export const ROW_COLUMNS = 7;

export const sideColumns = ({ side, weave }: Pick<OrderProps, 'side' | 'weave'>): number =>
  side.kind === 'people' ? weave.people.length : TRACE_COLUMNS.length;
