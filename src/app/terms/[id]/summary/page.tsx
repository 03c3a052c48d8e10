import type { Metadata } from 'next';
import Link from 'next/link';
import { notFound } from 'next/navigation';
import { FEWEST_TOLD } from '@/core/measure/group-summary';
import { MEASURES } from '@/core/measure/kinds';
import { nameList, plural } from '@/core/words';
import { database } from '@/server/database';
import { groupResults, type GroupResults } from '@/server/group-results';
import { buttonClass } from '@/ui/button';
import { Empty, Limits, Page, PageHead } from '@/ui/page';
import { TableHead } from '@/ui/table-head';

export const metadata: Metadata = { title: 'How the group did' };

export default async function SummaryPage({ params }: { params: Promise<{ id: string }> }) {
  const found = await groupResults(await database(), (await params).id);
  if (!found) notFound();
  const { term, classes, people, came, summary } = found;
  return (
    <Page>
      <PageHead
        title={`How the group did: ${term.name}`}
        line="Counts and no names, for whoever hosts the class. Fewer than five people are not told of."
      >
        <Link href={`/terms/${term.id}`} className={buttonClass('plain', 'no-print')}>
          Back to the term
        </Link>
      </PageHead>
      <p className="mb-5 text-lg">
        {plural(classes, 'class', 'classes')} taught
        {people === null ? '; too few people came to be told of' : `, ${people} people came at least once`}
        {came !== null && `, ${came.toFixed(1)} to a class on average`}.
      </p>
      <Lines summary={summary} />
      <Limits />
    </Page>
  );
}

function Lines({ summary: { lines, kept } }: Pick<GroupResults, 'summary'>) {
  return (
    <>
      {lines.length === 0 ? (
        <Empty>
          <p>Nothing was measured twice of five people or more.</p>
        </Empty>
      ) : (
        <table className="tabular w-full max-w-4xl text-left">
          <TableHead
            columns={[
              'Measured',
              { number: 'People' },
              { number: 'Better' },
              { number: 'No real change' },
              { number: 'Worse' },
            ]}
          />
          <tbody>
            {lines.map((l) => (
              <tr key={l.kind} className="border-b">
                <th scope="row" className="py-2 pr-5">
                  {MEASURES[l.kind].name}
                </th>
                {[l.people, l.better, l.same, l.worse].map((n, i) => (
                  <td key={i} className="py-2 pr-5 text-right last:pr-0">
                    {n}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <p className="mt-3 text-sm text-soft">
        {kept.length > 0 &&
          `Measured of fewer than ${FEWEST_TOLD} and so not told: ${nameList(
            kept.map((k) => MEASURES[k].name.toLowerCase()),
            10,
          )}. `}
        First day of the term against the last. Better and worse are real changes, over the threshold of each
        measure; a person whose one hand got worse counts as worse.
      </p>
    </>
  );
}
