'use client';

import { fullName, needOf, NEEDS, seatingOf, type Person } from '@/core/people';
import { cautionsOf, placedRows, rowCosts, rowTitle, type Plan, type PlanCheck } from '@/core/plan';
import { capital, nameList } from '@/core/words';
import { useCatalogue } from '@/ui/catalogue';
import { Word } from '@/ui/page/word';
import { Table } from '@/ui/page/table';

type Props = {
  plan: Plan;
  check: PlanCheck;
  people: readonly Person[];
  day: string;
  helpers: readonly string[];
};

const MAX_SHOWN = 10;

/** What the group needs: who, which helper beside whom, which cautions shape the class, which rows cost most. */
export function NeedsPanel({ plan, check, people, day, helpers }: Props) {
  const catalogue = useCatalogue();
  const titles = new Map(placedRows(plan).map(({ row }) => [row.id, rowTitle(row, catalogue)]));
  const nameOf = (id: string) => {
    const person = people.find((p) => p.id === id);
    return person ? fullName(person) : 'somebody';
  };
  const seats = seatingOf(people, helpers);
  const cautions = cautionsOf(check.verdicts).slice(0, MAX_SHOWN);
  const costs = rowCosts(check.verdicts).slice(0, MAX_SHOWN);
  return (
    <section aria-label="What the group needs" className="mt-3 grid gap-x-10 gap-y-5 @2xl:grid-cols-2">
      <div>
        <h2 className="text-lg">Who needs what</h2>
        <ul>
          {NEEDS.map((need) => {
            const here = people.filter((p) => needOf(p, day) === need);
            return (
              here.length > 0 && (
                <li key={need} className="border-b py-1">
                  <strong>{capital(need)}:</strong> {here.map(fullName).join(', ')}
                </li>
              )
            );
          })}
        </ul>
      </div>
      <div>
        <h2 className="text-lg">Helpers: {seats.length} needed at once</h2>
        {seats.length === 0 ? (
          <p>Nobody needs a helper beside them.</p>
        ) : (
          <>
            <ul>
              {seats.map((seat, i) => (
                <li key={i} className="border-b py-1">
                  {seat.helper ? (
                    <strong>{seat.helper}</strong>
                  ) : (
                    <strong className="text-load">A helper is missing</strong>
                  )}{' '}
                  beside {nameList(seat.people.map(fullName))}
                </li>
              ))}
            </ul>
            <p className="mt-1 text-sm">
              A broad padded open palm, never gripping fingers; two to three seconds; the person says stop.
            </p>
          </>
        )}
      </div>
      <div>
        <h2 className="text-lg">Cautions that shape this class most</h2>
        {cautions.length === 0 ? (
          <p>None: everybody does every row as shown.</p>
        ) : (
          <Table columns={['Caution', { number: 'Rows' }, 'People']}>
            {cautions.map(({ because, rows, personIds }) => (
              <tr key={because} className="border-b align-top">
                <th scope="row" className="py-1 pr-5 font-normal">
                  {capital(because)}
                </th>
                <td className="tabular py-1 pr-5 text-right">{rows}</td>
                <td className="min-w-40 py-1">{nameList(personIds.map(nameOf))}</td>
              </tr>
            ))}
          </Table>
        )}
      </div>
      <div>
        <h2 className="text-lg">Rows that cost most people</h2>
        {costs.length === 0 ? (
          <p>None.</p>
        ) : (
          <Table columns={['Row', { number: 'Left out' }, { number: 'Swap' }, { number: 'Adapt' }]}>
            {costs.map((c) => (
              <tr key={c.rowId} className="border-b">
                <th scope="row" className="py-1 pr-5 font-normal">
                  <a className="underline underline-offset-4" href={`#row-${c.rowId}`}>
                    {titles.get(c.rowId) ?? 'a row'}
                  </a>
                </th>
                <td className="tabular py-1 pr-5 text-right">{c.out}</td>
                <td className="tabular py-1 pr-5 text-right">{c.swapped}</td>
                <td className="tabular py-1 text-right">{c.own}</td>
              </tr>
            ))}
          </Table>
        )}
        <p className="mt-2 text-sm text-soft">
          What is meant by <Word of="verdict">do, adapt, swap and leave out</Word>
        </p>
      </div>
    </section>
  );
}
