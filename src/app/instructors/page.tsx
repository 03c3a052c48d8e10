import type { Metadata } from 'next';
import { instructorLines } from '@/server/instructors/instructors';
import { hasLock } from '@/server/lock/lock';
import { everybodysData, instructorHere } from '@/server/lock/request-identity';
import { Page, PageHead } from '@/ui/page/page';
import { InstructorList } from './instructor-list';
import { NewInstructor } from './new-instructor';

export const metadata: Metadata = { title: 'Instructors' };

export default async function InstructorsPage() {
  const db = await everybodysData();
  const me = await instructorHere();
  return (
    <Page>
      <PageHead
        title="Instructors"
        line="Where several work with one Oskil, each sees their own classes and people, and what others share."
      />
      {me ? (
        <>
          <InstructorList instructors={await instructorLines(db)} meId={me.id} />
          <NewInstructor step="another" />
        </>
      ) : (
        <NewInstructor step="first" locked={await hasLock(db)} />
      )}
    </Page>
  );
}
