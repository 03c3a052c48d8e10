import type { Metadata } from 'next';
import Link from 'next/link';
import { notFound } from 'next/navigation';
import { factsOf } from '@/catalogue/class-facts';
import { checkWithReserve } from '@/core/plan/check';
import { loadClassroom } from '@/server/classroom';
import { database } from '@/server/database';
import { idFrom } from '@/server/ids';
import { settingsNow } from '@/server/settings';
import { buttonClass } from '@/ui/button';
import { longDay, timeSpan } from '@/ui/dates';
import { Page, PageHead } from '@/ui/page';
import { PartLinks } from '@/ui/part-links';
import { PrintButton } from '@/ui/print-button';
import { CueSheet } from './cue-sheet';
import { GroupSheet } from './group-sheet';
import { KitSheet } from './kit-sheet';
import { RegisterSheet } from './register-sheet';
import { SafetySheet } from './safety-sheet';
import { sheetFrom, SHEETS } from './sheets';

export const metadata: Metadata = { title: 'Paper' };

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ sheet?: string }> };

export default async function PaperPage({ params, searchParams }: Props) {
  const id = idFrom((await params).id, 'class');
  const db = await database();
  const room = id.ok ? await loadClassroom(db, id.value) : null;
  if (!room) notFound();
  const sheet = sheetFrom((await searchParams).sheet);
  const { info, stored, people } = room;
  const facts = factsOf(room);
  const check = checkWithReserve(stored.history.plan, facts);
  const when = `${longDay(info.day)}, ${timeSpan(info.startsAt, info.slotMinutes)}${info.place && `, ${info.place}`}`;
  return (
    <Page>
      <div className="no-print">
        <PageHead title={`Paper: ${info.name}, week ${info.week}`} line={when}>
          <PrintButton>Print this sheet</PrintButton>
          <Link href={`/classes/${info.id}`} className={buttonClass()}>
            Back to the plan
          </Link>
        </PageHead>
      </div>
      <PartLinks
        label="Sheets"
        parts={SHEETS}
        chosen={sheet}
        hrefOf={(which) => `/classes/${info.id}/paper?sheet=${which}`}
      />
      <article aria-label={SHEETS.find((s) => s.id === sheet)!.name}>
        <header className="mb-3">
          <h2 className="text-xl">
            {info.name}, week {info.week}
          </h2>
          <p>{when}</p>
        </header>
        {sheet === 'cue' && (
          <CueSheet plan={stored.history.plan} check={check} facts={facts} helpers={info.helpers} />
        )}
        {sheet === 'group' && <GroupSheet plan={stored.history.plan} catalogue={facts.catalogue} />}
        {sheet === 'register' && <RegisterSheet people={people} helpers={info.helpers} />}
        {sheet === 'kit' && <KitSheet kit={check.kit} />}
        {sheet === 'safety' && <SafetySheet venue={(await settingsNow(db)).venueSafety} />}
      </article>
    </Page>
  );
}
