import { byNeed, needOf, NEEDS } from '@/core/people/need';
import type { Person } from '@/core/people/person';
import type { PlanCheck } from '@/core/plan/check';
import { troubleIn } from '@/core/plan/needs';
import type { OrderProps } from './order-props';
import type { Told } from './weave-head';

/** How the weave is looked at. */
export type WeaveView = { readonly byNeed: boolean; readonly onlyTrouble: boolean };

export function weaveOf(people: readonly Person[], check: PlanCheck, view: WeaveView): OrderProps['weave'] {
  const ordered = view.byNeed ? byNeed(people) : people;
  if (!view.onlyTrouble) return { people: ordered, rowIds: null };
  const { rowIds, personIds } = troubleIn(check.verdicts);
  return { people: ordered.filter((p) => personIds.has(p.id)), rowIds };
}

type ChoiceProps = {
  view: WeaveView;
  onChange: (view: WeaveView) => void;
  weave: OrderProps['weave'];
};

/** Group the people by what they need, or look only at where somebody swaps or is left out. */
export function WeaveChoice({ view, onChange, weave }: ChoiceProps) {
  return (
    <div className="no-print flex flex-wrap items-center justify-end gap-x-6">
      {view.byNeed && <p className="mr-auto text-sm">{needWords(weave.people)}</p>}
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-ink"
          checked={view.byNeed}
          onChange={(e) => onChange({ ...view, byNeed: e.target.checked })}
        />
        People by need
      </label>
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-ink"
          checked={view.onlyTrouble}
          onChange={(e) => onChange({ ...view, onlyTrouble: e.target.checked })}
        />
        Only swaps and left out
      </label>
    </div>
  );
}

/** "From the left: 1 a helper beside them, 4 their own way". */
function needWords(people: readonly Person[]): string {
  const parts = NEEDS.flatMap((need) => {
    const n = people.filter((p) => needOf(p) === need).length;
    return n > 0 ? [`${n} ${need}`] : [];
  });
  return parts.length > 0 ? `From the left: ${parts.join(', ')}.` : '';
}

/** Column by column, so that the line of the person pointed at can be tinted without touching a cell. */
export function ColumnLine({ people, told }: { people: readonly Person[]; told: Told | null }) {
  return (
    <colgroup>
      <col span={6} />
      {people.map((p) => (
        <col key={p.id} style={p.id === told?.personId ? { background: 'var(--color-line)' } : undefined} />
      ))}
    </colgroup>
  );
}
