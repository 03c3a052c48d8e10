import type { Metadata } from 'next';
import Link from 'next/link';
import { notFound } from 'next/navigation';
import { fullName } from '@/core/people/person';
import { database } from '@/server/database';
import { idFrom } from '@/server/ids';
import { clockRate, today } from '@/server/today';
import { loadGripTests } from '@/store/grip';
import { findPerson } from '@/store/people';
import { buttonClass } from '@/ui/button';
import { Limits, Page, PageHead } from '@/ui/page';
import { MeasureDesk } from './measure-desk';

export const metadata: Metadata = { title: 'Measure grip' };

export default async function MeasurePage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id, 'person');
  const db = await database();
  const person = id.ok ? await findPerson(db, id.value) : null;
  if (!person) notFound();
  return (
    <Page>
      <PageHead
        title={`Grip of ${fullName(person)}`}
        line="Seated, elbow at a right angle, forearm supported, wrist straight. Hands by turns, three tries each, three to five seconds, a minute’s rest."
      >
        <Link href={`/people/${person.id}`} className={buttonClass()}>
          Back to the record
        </Link>
      </PageHead>
      <MeasureDesk
        person={person}
        tests={await loadGripTests(db, person.id)}
        today={today()}
        rate={clockRate()}
      />
      <Limits />
    </Page>
  );
}
