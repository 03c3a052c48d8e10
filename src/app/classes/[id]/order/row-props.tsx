import type { Catalogue, Movement } from '@/core/catalogue';
import type { MovementRow } from '@/core/plan';
import { capital } from '@/core/words';
import { CheckBox } from '@/ui/form/check-box';
import { SelectField } from '@/ui/form/select-field';
import type { OrderEditor } from '../use-plan';

type Props = {
  row: MovementRow;
  /** As the catalogue has it, with its usual prop. */
  movement: Movement;
  catalogue: Catalogue;
  title: string;
  editor: OrderEditor;
};

const NONE = '';

/** What a row is done with: its usual prop, one that does as well, none; and what helps beside it. */
export function RowProps({ row, movement, catalogue, title, editor }: Props) {
  const { propId, alsoWith, aids } = movement;
  const serving = [...(propId ? [propId] : []), ...alsoWith];
  if (serving.length + aids.length === 0) return null;
  const name = (id: string) => catalogue.prop(id)?.name ?? id;
  const now = row.props ?? (propId ? [propId] : []);
  const held = now.find((id) => serving.includes(id)) ?? NONE;
  const beside = now.filter((id) => aids.includes(id) && id !== held);
  const set = (next: string, helping: readonly string[]) => {
    const props = [...(next === NONE ? [] : [next]), ...helping];
    const isUsual = helping.length === 0 && next === (propId ?? NONE);
    editor.edit({ type: 'setProps', rowId: row.id, props: isUsual ? null : props }, `Props of ${title}`);
  };
  return (
    <div className="flex flex-wrap items-end gap-4">
      {serving.length > 0 && (
        <SelectField
          label="With"
          className="w-56 max-w-full"
          value={held}
          choices={[...serving.map((id) => [id, capital(name(id))] as const), [NONE, 'Nothing in the hands']]}
          onChange={(id) => set(id, beside)}
        />
      )}
      {aids
        .filter((id) => id !== held)
        .map((id) => (
          <CheckBox
            key={id}
            label={`with a ${name(id)} too`}
            on={beside.includes(id)}
            onChange={() => set(held, beside.includes(id) ? beside.filter((b) => b !== id) : [...beside, id])}
          />
        ))}
    </div>
  );
}
