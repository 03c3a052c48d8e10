import { SCHOOL_WORDS } from '@/catalogue/schools';
import { doseInSchool, SCHOOLS, type Movement, doneWith } from '@/core/catalogue';
import { doseTiming, doseWords, primaryCount } from '@/core/dose';
import { spokenLength } from '@/core/words';
import { CordView } from '@/ui/cord/cord';
import { Table } from '@/ui/page/table';

const CONTEXT = { breathMs: 5_000, slowFirst: false };

/** The same movement as each school counts it, drawn, in words and timed. */
export function DoseBySchool({ movement }: { movement: Movement }) {
  const rows = SCHOOLS.flatMap((school) => {
    const dose = doseInSchool(movement, school);
    return dose ? [{ school, dose }] : [];
  });
  const without = SCHOOLS.filter((s) => !rows.some((r) => r.school === s));
  return (
    <section className="mt-8">
      <h2 className="mb-2 text-xl">Dose by school</h2>
      <Table columns={['School', 'Dose', { number: 'Time' }]}>
        {rows.map(({ school, dose }) => (
          <tr key={school} className="border-b align-top">
            <th scope="row" className="py-2 pr-4 font-normal max-sm:pr-2">
              <strong>{SCHOOL_WORDS[school].name}</strong>
              <span className="block text-sm text-soft">{SCHOOL_WORDS[school].line}</span>
            </th>
            <td className="py-2 pr-4">
              <CordView
                dose={dose}
                purpose={movement.purpose}
                context={CONTEXT}
                of={doneWith(movement)}
                width={380}
              />
              {doseWords(dose, doneWith(movement))}
              {dose.count.mode !== 'time' && primaryCount(dose.count) !== dose.most && `; up to ${dose.most}`}
            </td>
            <td className="tabular py-2 text-right sm:whitespace-nowrap">
              {spokenLength(doseTiming(dose, CONTEXT).totalMs)}
            </td>
          </tr>
        ))}
      </Table>
      {without.length > 0 && (
        <p className="mt-1 text-sm text-soft">
          Not counted so: {without.map((s) => SCHOOL_WORDS[s].name.toLowerCase()).join(', ')}. Comfort and
          effort set the count, never age.
        </p>
      )}
    </section>
  );
}
