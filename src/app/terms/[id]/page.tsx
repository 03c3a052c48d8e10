import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { notFound } from 'next/navigation';
import { shortDose } from '@/core/dose';
import { currentRung } from '@/core/catalogue';
import { fullName } from '@/core/people';
import { termItems } from '@/core/term';
import { plural } from '@/core/words';
import { pageData } from '@/server/lock/request-identity';
import { loadTerm, type TermView } from '@/server/terms/term-view';
import { usualPattern } from '@/server/terms/terms';
import { buttonClass } from '@/ui/form/button';
import { dayWithYear } from '@/ui/words/dates';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { FillTerm } from './fill-term';
import type { ItemLine } from './item-line';
import { TermDesk } from './term-desk';
import { AcrossWeeks } from './across-weeks';
import { Volumes } from './volumes';
import { WhoseTerm } from './whose-term';

export const metadata: Metadata = { title: 'Term' };

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ person?: string }> };

export default async function TermPage({ params, searchParams }: Props) {
  const view = await loadTerm(await pageData(), (await params).id, (await searchParams).person ?? null);
  if (!view) notFound();
  const { term, columns, weeks, missing, offCalendar, people, person } = view;
  const classes = columns.map(({ info }) => info);
  return (
    <Page wide>
      <PageHead
        title={term.name}
        line={`${plural(term.weeks.length, 'week')} from ${dayWithYear(term.firstDay)}`}
      >
        {columns.length > 0 && (
          <>
            <WhoseTerm chosen={person?.id ?? ''} people={people.map((p) => [p.id, fullName(p)] as const)} />
            <Link href={`/terms/${term.id}/play`} className={buttonClass()}>
              Play it forward
            </Link>
            <Link href={`/terms/${term.id}/summary`} className={buttonClass()}>
              How the group did
            </Link>
          </>
        )}
        <Link href={`/terms/${term.id}/change`} className={buttonClass()}>
          Weeks and holidays
        </Link>
      </PageHead>
      {missing.length > 0 && (
        <FillTerm
          termId={term.id}
          missing={missing.length}
          classes={classes}
          usual={usualPattern(term.weeks, classes)?.id ?? null}
        />
      )}
      {offCalendar.map(({ classId, words }) => (
        <p key={classId} className="mb-3 rounded-xl border-2 border-edge px-4 py-2">
          {words}{' '}
          <Link className="underline underline-offset-4" href={`/classes/${classId}`}>
            Change its day
          </Link>
        </p>
      ))}
      {columns.length > 0 && (
        <>
          <TermDesk
            termId={term.id}
            columns={columns.map(({ info, lighter }) => ({ ...info, lighter }))}
            weeks={weeks}
            items={itemLines(view)}
            person={person ? fullName(person) : null}
          />
          <AcrossWeeks columns={columns} />
          <Volumes weeks={weeks} whose={person ? fullName(person) : null} />
        </>
      )}
      <Limits />
    </Page>
  );
}

/** Items as the page draws them, with where the chosen person stands. */
function itemLines({ columns, catalogue, ownRungs, person }: TermView): ItemLine[] {
  return termItems(
    columns.map((c) => c.plan),
    catalogue,
  ).map(({ movement, movementId, nth, rows }) => ({
    movementId,
    nth,
    name: nth > 0 ? `${movement.name}, again` : movement.name,
    purpose: movement.purpose,
    rungs: movement.rungs.map((r) => r.words),
    own: person ? (ownRungs.find((o) => o.movementId === movementId)?.rung ?? null) : null,
    cells: rows.map((row) =>
      row
        ? {
            rung: currentRung({ rungs: movement.rungs, standsOn: row.rung }),
            dose: row.dose,
            words: shortDose(row.dose),
          }
        : null,
    ),
  }));
}
