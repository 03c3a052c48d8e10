import type { Metadata } from 'next';
import { nobodyKnown } from '@/core/people';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { today } from '@/server/shell/today';
import { PersonForm } from '../person-form';

export const metadata: Metadata = { title: 'Add a person' };

export default function NewPersonPage() {
  return (
    <Page>
      <PageHead title="Add a person" line="A first name or nickname is enough to begin." />
      <PersonForm today={today()} personId={null} initial={nobodyKnown({ firstName: '', initial: '' })} />
      <Limits />
    </Page>
  );
}
