import { fullName, type Person } from '@/core/people';
import type { MovementRow } from '@/core/plan';
import { plural } from '@/core/words';
import { SelectField } from '@/ui/form/select-field';
import type { OrderEditor } from '../use-plan';

type Props = { row: MovementRow; people: readonly Person[]; title: string; editor: OrderEditor };

/** Who does fewer or more sets than the class. */
export function RowOwnSets({ row, people, title, editor }: Props) {
  const own = row.ownSets ?? [];
  const set = (personId: string, sets: number | null) => {
    const others = own.filter((o) => o.personId !== personId);
    const next = sets === null || sets === row.dose.sets ? others : [...others, { personId, sets }];
    editor.edit(
      { type: 'setOwnSets', rowId: row.id, ownSets: next.length > 0 ? next : null },
      `Sets of one person in ${title}`,
    );
  };
  const without = people.filter((p) => !own.some((o) => o.personId === p.id));
  if (people.length === 0 && own.length === 0) return null;
  return (
    <div className="flex flex-wrap items-end gap-4">
      {own.map(({ personId, sets }) => {
        const person = people.find((p) => p.id === personId);
        return (
          <SelectField
            key={personId}
            className="w-52 max-w-full"
            label={person ? fullName(person) : 'Somebody who does not come'}
            value={String(sets)}
            choices={[['', 'As the class'], ...SETS.map((n) => [String(n), plural(n, 'set')] as const)]}
            onChange={(n) => set(personId, n === '' ? null : Number(n))}
          />
        );
      })}
      {without.length > 0 && (
        <SelectField
          label="Other sets for"
          className="w-52 max-w-full"
          value=""
          choices={[['', 'Nobody else'], ...without.map((p) => [p.id, fullName(p)] as const)]}
          onChange={(id) => id !== '' && set(id, row.dose.sets === 1 ? 2 : row.dose.sets - 1)}
        />
      )}
    </div>
  );
}

const SETS = [1, 2, 3, 4, 5, 6] as const;
