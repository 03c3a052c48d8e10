import { ChevronDown } from 'lucide-react';
import { Popover } from 'radix-ui';
import { byNeed, fullName, needOf, NEEDS, type Person } from '@/core/people';
import { troubleIn, type ClassFacts, type PlanCheck } from '@/core/plan';
import { CheckBox } from '@/ui/form/check-box';
import { buttonClass } from '@/ui/form/button';
import { inputClass } from '@/ui/form/field';
import { ROW_COLUMNS, type OrderProps } from '../order/order-props';
import type { Told } from './weave-head';

/** How the weave is looked at. */
export type WeaveView = {
  readonly show: 'people' | 'traces';
  readonly byNeed: boolean;
  readonly onlyTrouble: boolean;
  /** Small rows, for a look at the whole. */
  readonly overview: boolean;
  /** The person whose own reserve is drawn among the traces. */
  readonly chosenId: string | null;
};

export function weaveOf(
  { people, day }: Pick<ClassFacts, 'people' | 'day'>,
  check: PlanCheck,
  view: WeaveView,
): OrderProps['weave'] {
  const ordered = view.byNeed ? byNeed(people, day) : people;
  if (!view.onlyTrouble || view.show === 'traces') return { people: ordered, rowIds: null };
  const { rowIds, personIds } = troubleIn(check.verdicts);
  return { people: ordered.filter((p) => personIds.has(p.id)), rowIds };
}

type ChoiceProps = {
  view: WeaveView;
  onChange: (view: WeaveView) => void;
  people: readonly Person[];
  day: string;
  /** Kept by whoever shows it: its place moves between the heads of people and of traces. */
  open: boolean;
  onOpen: (open: boolean) => void;
};

/** What stands beside the rows: the people, grouped or only where there is trouble, or the traces, with one person's own. */
export function ViewMenu({ view, onChange, people, day, open, onOpen }: ChoiceProps) {
  return (
    <Popover.Root open={open} onOpenChange={onOpen}>
      <Popover.Trigger className={buttonClass('quiet', 'no-print px-2!')}>
        View <ChevronDown size={18} aria-hidden="true" />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          collisionPadding={8}
          className="z-40 grid w-80 gap-1 rounded-xl border-2 border-ink bg-paper p-3 shadow-lg"
        >
          <fieldset className="grid">
            <legend className="text-sm text-soft">Beside the rows</legend>
            {(['people', 'traces'] as const).map((show) => (
              <label key={show} className="flex min-h-11 items-center gap-2">
                <input
                  type="radio"
                  name="beside"
                  className="size-5 accent-ink"
                  checked={view.show === show}
                  onChange={() => onChange({ ...view, show })}
                />
                {show === 'people' ? 'Who may do what' : 'Traces'}
              </label>
            ))}
          </fieldset>
          <CheckBox
            label="Overview"
            on={view.overview}
            onChange={(overview) => onChange({ ...view, overview })}
          />
          {view.show === 'people' ? (
            <>
              <CheckBox
                label="People by need"
                on={view.byNeed}
                onChange={(byNeed) => onChange({ ...view, byNeed })}
              />
              {view.byNeed && <p className="text-sm text-soft">{needWords(people, day)}</p>}
              <CheckBox
                label="Only swaps and left out"
                on={view.onlyTrouble}
                onChange={(onlyTrouble) => onChange({ ...view, onlyTrouble })}
              />
            </>
          ) : (
            <ChosenPerson view={view} onChange={onChange} people={people} />
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

type OneProps = { people: readonly Person[]; chosenId: string; onChoose: (id: string) => void };

/** On a phone there is room for one person's verdicts: whose. */
export function OnePerson({ people, chosenId, onChoose }: OneProps) {
  if (people.length === 0) return null;
  return (
    <select
      aria-label="Whose verdicts are shown"
      className={`${inputClass} max-w-40`}
      value={chosenId}
      onChange={(e) => onChoose(e.target.value)}
    >
      {people.map((p) => (
        <option key={p.id} value={p.id}>
          {fullName(p)}
        </option>
      ))}
    </select>
  );
}

function ChosenPerson({ view, onChange, people }: Pick<ChoiceProps, 'view' | 'onChange' | 'people'>) {
  return (
    <label className="grid gap-1">
      Show the reserve of
      <select
        className={`${inputClass} max-w-48`}
        value={view.chosenId ?? ''}
        onChange={(e) => onChange({ ...view, chosenId: e.target.value || null })}
      >
        <option value="">nobody alone</option>
        {people.map((p) => (
          <option key={p.id} value={p.id}>
            {fullName(p)}
          </option>
        ))}
      </select>
    </label>
  );
}

/** "From the left: 1 a helper beside them, 4 their own way". */
function needWords(people: readonly Person[], day: string): string {
  const parts = NEEDS.flatMap((need) => {
    const n = people.filter((p) => needOf(p, day) === need).length;
    return n > 0 ? [`${n} ${need}`] : [];
  });
  return parts.length > 0 ? `From the left: ${parts.join(', ')}.` : '';
}

/** Column by column, so that the line of the person pointed at can be tinted without touching a cell. */
export function ColumnLine({ people, told }: { people: readonly Person[]; told: Told | null }) {
  return (
    <colgroup>
      <col span={ROW_COLUMNS} />
      {people.map((p) => (
        <col key={p.id} style={p.id === told?.personId ? { background: 'var(--color-line)' } : undefined} />
      ))}
    </colgroup>
  );
}
