import { notFound } from 'next/navigation';
import { fullName } from '@/core/people/person';
import { database } from '@/server/database';
import { idFrom } from '@/server/ids';
import { findPerson } from '@/store/people';
import { Limits, Page, PageHead } from '@/ui/page';
import { ArchiveButton } from '../archive-button';
import { PersonForm } from '../person-form';

export default async function PersonPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id, 'person');
  const person = id.ok ? await findPerson(await database(), id.value) : null;
  if (!person) notFound();
  const { id: personId, archived, ...fields } = person;
  return (
    <Page>
      <PageHead
        title={fullName(person)}
        line={archived ? 'No longer coming. The record is kept.' : person.wantedTask}
      >
        <ArchiveButton personId={personId} name={fullName(person)} archived={archived} />
      </PageHead>
      <PersonForm personId={personId} initial={fields} />
      <Limits />
    </Page>
  );
}
