import { CAUTIONS } from '@/catalogue/cautions/cautions';
import type { Catalogue, Movement } from '@/core/catalogue';
import { clauseMatches, exposureOf } from '@/core/screening';
import { conditionName } from '@/ui/words/condition-words';
import { Table } from '@/ui/page/table';

/** The rows of the caution table that speak of this movement. */
export function Cautions({ movement, catalogue }: { movement: Movement; catalogue: Catalogue }) {
  const exposure = exposureOf(movement, movement.dose, { catalogue });
  const rules = CAUTIONS.rules.filter((r) => r.when.some((c) => clauseMatches(c, exposure)));
  if (rules.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="text-xl">Cautions for this movement</h2>
      <Table className="mt-2 w-full" columns={['With', 'Then', 'Because']}>
        {rules.map((r) => (
          <tr key={r.id} className="border-b align-top">
            <th scope="row" className="py-1.5 pr-4 font-normal">
              {r.condition === 'any hand'
                ? `any hand ${STATE_WORDS[r.states[0] ?? 'settled']}`
                : conditionName(r.condition)}
            </th>
            <td className="py-1.5 pr-4">
              {r.verdict === 'adapt' ? `adapt: ${r.how ?? ''}` : 'leave out, or swap'}
            </td>
            <td className="py-1.5">{r.because}</td>
          </tr>
        ))}
      </Table>
    </section>
  );
}

const STATE_WORDS = {
  settled: '',
  sore: 'sore today',
  flare: 'in flare',
  'not cleared': 'not cleared',
} as const;
