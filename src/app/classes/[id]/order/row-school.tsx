import { SCHOOL_WORDS } from '@/catalogue/schools';
import { doseInSchool, SCHOOLS, type Movement } from '@/core/catalogue';
import { doseWords } from '@/core/dose';
import type { MovementRow } from '@/core/plan';
import { SelectField } from '@/ui/form/select-field';
import type { OrderEditor } from '../use-plan';

type Props = { row: MovementRow; movement: Movement; title: string; editor: OrderEditor };

const OWN = 'own';

/** The school this row is counted in; choosing one takes over its dose, and any change to that makes it the class's own. */
export function RowSchool({ row, movement, title, editor }: Props) {
  const doses = SCHOOLS.flatMap((school) => {
    const dose = doseInSchool(movement, school);
    return dose ? [{ school, dose }] : [];
  });
  const now = doses.find(({ dose }) => doseWords(dose) === doseWords(row.dose));
  return (
    <SelectField
      label="Counting style"
      className="w-80 max-w-full"
      value={now?.school ?? OWN}
      choices={[
        [OWN, 'This class’s own'],
        ...doses.map(
          ({ school, dose }) => [school, `${SCHOOL_WORDS[school].name}: ${doseWords(dose)}`] as const,
        ),
      ]}
      onChange={(value) => {
        const chosen = doses.find(({ school }) => school === value);
        if (chosen) editor.edit({ type: 'setDose', rowId: row.id, dose: chosen.dose }, `School of ${title}`);
      }}
    />
  );
}
