import { RECORDED } from '@/catalogue/conditions';
import { JOINTS, POSITIONS, PURPOSES } from '@/core/catalogue';
import { ANY_MOVEMENT, type ShelfFilter } from '@/core/shelf';
import { Button } from '@/ui/form/button';
import { useCatalogue } from '@/ui/catalogue';
import { Field, inputClass } from '@/ui/form/field';
import { PURPOSE_WORDS } from '@/ui/verdict-signs';
import { SelectField } from '@/ui/form/select-field';
import { POSITION_WORDS } from '@/ui/words/position-words';

type Props = { filter: ShelfFilter; onChange: (filter: ShelfFilter) => void; counted: string };
type Choice = readonly [value: string, words: string];

/** Everything that narrows the shelf, in one row that wraps. */
export function ShelfFilters({ filter, onChange, counted }: Props) {
  const { props } = useCatalogue();
  const set = (part: Partial<ShelfFilter>) => onChange({ ...filter, ...part });
  const choice = (key: 'purpose' | 'joint' | 'position' | 'propId' | 'safeFor') => (value: string) =>
    set({ [key]: value || null });
  const narrowed = JSON.stringify(filter) !== JSON.stringify(ANY_MOVEMENT);
  return (
    <div className="no-print mb-5 flex flex-wrap items-end gap-x-4 gap-y-3">
      <Field label="Find by word, prop or joint" className="w-64 max-w-full">
        {(field) => (
          <input
            {...field}
            className={inputClass}
            value={filter.words}
            onChange={(e) => set({ words: e.target.value })}
          />
        )}
      </Field>
      <Choose
        label="Purpose"
        value={filter.purpose}
        onChange={choice('purpose')}
        choices={PURPOSES.map((p) => [p, PURPOSE_WORDS[p]])}
      />
      <Choose
        label="Joint"
        value={filter.joint}
        onChange={choice('joint')}
        choices={JOINTS.map((j) => [j, j])}
      />
      <Choose
        label="Position"
        value={filter.position}
        onChange={choice('position')}
        choices={POSITIONS.map((p) => [p, POSITION_WORDS[p]])}
      />
      <Choose
        label="Prop"
        value={filter.propId}
        onChange={choice('propId')}
        choices={[['none', 'none'], ...props.map((p): Choice => [p.id, p.name])]}
      />
      <Choose
        label="Safe with"
        wide
        value={filter.safeFor}
        onChange={choice('safeFor')}
        choices={RECORDED.map((c) => [c.id, c.name])}
      />
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="size-6 accent-ink"
          checked={filter.rested}
          onChange={(e) => set({ rested: e.target.checked })}
        />
        Not done for three weeks
      </label>
      <p aria-live="polite" className="tabular min-h-11 content-center text-soft">
        {counted}
      </p>
      {narrowed && (
        <Button look="quiet" onClick={() => onChange(ANY_MOVEMENT)}>
          Show all
        </Button>
      )}
    </div>
  );
}

function Choose({
  value,
  choices,
  wide = false,
  ...rest
}: {
  label: string;
  value: string | null;
  choices: readonly Choice[];
  onChange: (value: string) => void;
  wide?: boolean;
}) {
  return (
    <SelectField
      {...rest}
      className={wide ? 'w-64' : 'w-36'}
      value={value ?? ''}
      choices={[['', 'any'], ...choices]}
    />
  );
}
