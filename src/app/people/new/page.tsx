import type { Metadata } from 'next';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { today } from '@/server/shell/today';
import { PersonForm } from '../person-form';

export const metadata: Metadata = { title: 'Add a person' };

const BLANK = {
  firstName: '',
  initial: '',
  dominantHand: 'R',
  screened: false,
  assistance: 0,
  wantedTask: '',
  notes: '',
  conditions: [],
  clearances: [],
} as const;

export default function NewPersonPage() {
  return (
    <Page>
      <PageHead title="Add a person" line="A first name or nickname is enough to begin." />
      <PersonForm
        today={today()}
        personId={null}
        initial={{
          ...BLANK,
          conditions: [],
          clearances: [],
          positions: ['chair', 'table'],
          propsOut: [],
          measures: [],
        }}
      />
      <Limits />
    </Page>
  );
}
