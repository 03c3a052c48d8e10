import { fullName, type Person } from '@/core/people';
import { SelectField } from '@/ui/form/select-field';
import type { BodyOf } from './body-fields';

type Props = {
  people: readonly Person[];
  person: Person | null;
  body: BodyOf;
  onPerson: (person: Person | null) => void;
  onBody: (body: BodyOf) => void;
};

/** Somebody's own height and mass, and with them what the cautions say of each set-up. */
export function WhoseBody({ people, person, body, onPerson, onBody }: Props) {
  const choose = (id: string) => {
    const next = people.find((p) => p.id === id) ?? null;
    onPerson(next);
    if (next)
      onBody({
        ...body,
        statureCm: next.heightCm ?? body.statureCm,
        massKg: next.massKg ?? body.massKg,
      });
  };
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
      <SelectField
        label="Whose body"
        value={person?.id ?? ''}
        choices={[['', 'Nobody in particular'], ...people.map((p) => [p.id, fullName(p)] as const)]}
        onChange={choose}
      />
      <p role="status" className="flex-1 pb-2">
        {person && unknownWords(person)}
      </p>
    </div>
  );
}

function unknownWords({ firstName, heightCm, massKg }: Person): string {
  if (heightCm === undefined && massKg === undefined)
    return `${firstName}’s height and mass are not on record.`;
  if (heightCm === undefined) return `${firstName}’s height is not on record.`;
  return massKg === undefined ? `${firstName}’s mass is not on record.` : '';
}
