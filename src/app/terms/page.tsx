import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { termSpan } from '@/core/term';
import { plural } from '@/core/words';
import { pageData } from '@/server/lock/request-identity';
import { listSeries } from '@/store/classes';
import { listTerms, type StoredTerm } from '@/store/terms';
import { buttonClass } from '@/ui/form/button';
import { dayWithYear } from '@/ui/words/dates';
import { Empty, Page, PageHead } from '@/ui/page/page';

export const metadata: Metadata = { title: 'Terms' };

export default async function TermsPage() {
  const db = await pageData();
  const [series, terms] = [await listSeries(db), await listTerms(db)];
  return (
    <Page>
      <PageHead
        title="Terms"
        line="Weeks side by side: where each movement stands, what is asked and what was done."
      />
      {series.length === 0 ? (
        <Empty>
          <p className="mb-4">A term belongs to a class that comes round each week. Make that class first.</p>
          <Link href="/classes/new" className={buttonClass('main')}>
            Make a class
          </Link>
        </Empty>
      ) : (
        series.map(({ id, name, place }) => (
          <section key={id} className="mb-8">
            <div className="flex flex-wrap items-center gap-4 border-b-2 border-edge pb-1">
              <h2 className="flex-1 text-xl">
                {name}
                {place && <span className="font-normal text-soft">, {place}</span>}
              </h2>
              <Link href={`/terms/new?series=${id}`} className={buttonClass()}>
                Plan a term of {name}
              </Link>
            </div>
            <TermList terms={terms.filter((t) => t.seriesId === id)} />
          </section>
        ))
      )}
    </Page>
  );
}

function TermList({ terms }: { terms: readonly StoredTerm[] }) {
  if (terms.length === 0) return <p className="mt-2 text-soft">No term is planned yet.</p>;
  return (
    <ul>
      {terms.map((term) => (
        <li key={term.id} className="flex flex-wrap items-center gap-x-6 border-b py-1">
          <Link
            href={`/terms/${term.id}`}
            className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
          >
            {term.name}
          </Link>
          <span>
            {plural(term.weeks.length, 'week')}, {dayWithYear(term.firstDay)} to{' '}
            {dayWithYear(termSpan(term)[1])}
          </span>
        </li>
      ))}
    </ul>
  );
}
