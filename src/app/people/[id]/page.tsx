import { Link } from '@/ui/page/link';
import { notFound } from 'next/navigation';
import { fullName } from '@/core/people';
import { pageData } from '@/server/lock/request-identity';
import { idFrom } from '@/server/shell/ids';
import { today } from '@/server/shell/today';
import { findPerson, loadChanges } from '@/store/people';
import { dayWithYear } from '@/ui/words/dates';
import { buttonClass } from '@/ui/form/button';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { adviceFor } from '@/server/people/advice';
import { AdvicePanel } from '../advice-panel';
import { sharingOf } from '@/server/instructors/instructors';
import { SharingPanel } from '@/ui/page/sharing-panel';
import { ArchiveButton } from '../archive-button';
import { HeldPanel } from '../held-panel';
import { PersonForm } from '../person-form';
import { classStories } from '@/store/person-story';
import { ClassByClass } from './class-by-class';

/** Of the last classes one line each; a year of weekly ones. */
const MOST_CLASSES = 50;

export default async function PersonPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id, 'person');
  const db = await pageData();
  const day = today();
  const person = id.ok ? await findPerson(db, id.value) : null;
  if (!person) notFound();
  const sharing = await sharingOf(db, 'person', person.id);
  const { id: personId, archived, ...fields } = person;
  return (
    <Page>
      <PageHead
        title={fullName(person)}
        line={archived ? 'No longer coming. The record is kept.' : person.wantedTask}
      >
        <Link href={`/people/${personId}/measure`} className={buttonClass()}>
          Measure
        </Link>
        <Link href={`/people/${personId}/results`} className={buttonClass()}>
          Results
        </Link>
        <ArchiveButton personId={personId} name={fullName(person)} archived={archived} />
      </PageHead>
      <ClassByClass personId={personId} stories={await classStories(db, personId, MOST_CLASSES)} />
      <PersonForm personId={personId} initial={fields} today={day} />
      <AdvicePanel {...await adviceFor(db, person, day)} />
      <History changes={await loadChanges(db, personId)} />
      {sharing && (
        <SharingPanel url={`/api/people/${personId}/shared`} what={fullName(person)} {...sharing} />
      )}
      <HeldPanel personId={personId} name={fullName(person)} />
      <Limits />
    </Page>
  );
}

/** What was changed on the record, newest first. */
function History({ changes }: { changes: Awaited<ReturnType<typeof loadChanges>> }) {
  if (changes.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="mb-2 text-xl">What has changed</h2>
      <ul>
        {changes.map(({ day, what, by }, i) => (
          <li key={i} className="flex gap-5 border-b py-1">
            <span className="tabular w-32 shrink-0 text-soft">{dayWithYear(day)}</span>
            {what}
            {by && <span className="text-soft">by {by}</span>}
          </li>
        ))}
      </ul>
    </section>
  );
}
