import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { weekdayOf } from '@/core/days';
import { usualWeeks } from '@/core/term';
import { pageData } from '@/server/lock/request-identity';
import { today } from '@/server/shell/today';
import { classesOfSeries, listSeries } from '@/store/classes';
import { Page, PageHead } from '@/ui/page/page';
import { NewTermForm } from './new-term-form';

export const metadata: Metadata = { title: 'Plan a term' };

type Props = { searchParams: Promise<{ series?: string }> };

/** A term that starts where the series does, or today; its day and time are those of the latest class. */
export default async function NewTermPage({ searchParams }: Props) {
  const { series: wanted } = await searchParams;
  const db = await pageData();
  const series = (await listSeries(db)).find((s) => s.id === wanted);
  if (!series) notFound();
  const classes = await classesOfSeries(db, series.id, '0001-01-01', '9999-12-31');
  const latest = classes.at(-1);
  const first = classes.find((c) => c.week === 1 && c.day <= today()) ?? classes[0];
  return (
    <Page>
      <PageHead title={`Plan a term of ${series.name}`} />
      <NewTermForm
        seriesId={series.id}
        initial={{
          name: `${series.name}, a new term`.slice(0, 60),
          firstDay: first?.day ?? today(),
          weeks: [...usualWeeks(8)],
          days: [{ weekday: weekdayOf(latest?.day ?? today()), startsAt: latest?.startsAt ?? '10:30' }],
          holidays: [],
        }}
      />
    </Page>
  );
}
