import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { notFound } from 'next/navigation';
import { fullName } from '@/core/people';
import { pageData } from '@/server/lock/request-identity';
import { personResults } from '@/server/measures/results';
import { today } from '@/server/shell/today';
import { buttonClass } from '@/ui/form/button';
import { Empty, Limits, Page, PageHead } from '@/ui/page/page';
import { ClassesTold } from './classes-told';
import { NotCounted } from './not-counted';
import { LookBackPanel } from './look-back-panel';
import { ReadyToday } from './ready-today';
import { ResultsTable } from './results-table';
import { ScoringLinks } from './scoring-links';

export const metadata: Metadata = { title: 'Results' };

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ score?: string; classes?: string }> };

export default async function ResultsPage({ params, searchParams }: Props) {
  const { id } = await params;
  const { score, classes: which } = await searchParams;
  const scoring = score === 'mean' ? 'mean of three' : 'best';
  const found = await personResults(await pageData(), id, scoring, today());
  if (!found) notFound();
  const { person, results, classes, lookBack, home, ready } = found;
  return (
    <Page>
      <PageHead
        title={`Results of ${fullName(person)}`}
        line={person.wantedTask && `Wants to ${person.wantedTask}`}
      >
        <Link href={`/people/${person.id}/measure`} className={buttonClass()}>
          Measure
        </Link>
        <Link href={`/people/${person.id}/summary`} className={buttonClass()}>
          Summary to hand over
        </Link>
        <Link href={`/people/${person.id}`} className={buttonClass()}>
          Back to the record
        </Link>
      </PageHead>
      <LookBackPanel personId={person.id} lookBack={lookBack} />
      <ReadyToday ready={ready} personId={person.id} />
      {results.length === 0 ? (
        <Empty>
          <p>Nothing is measured yet. Two days of the same measure are needed to compare.</p>
        </Empty>
      ) : (
        <ResultsTable results={results}>
          <ScoringLinks personId={person.id} scoring={scoring} />
        </ResultsTable>
      )}
      <NotCounted measures={person.measures} />
      <ClassesTold
        classes={classes}
        home={home}
        all={which === 'all'}
        allHref={`/people/${person.id}/results?classes=all`}
      />
      <Limits />
    </Page>
  );
}
