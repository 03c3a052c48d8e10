import type { Metadata } from 'next';
import { today } from '@/server/shell/today';
import { Page, PageHead } from '@/ui/page/page';
import { NewClassForm } from './new-class-form';

export const metadata: Metadata = { title: 'Make a class' };

export default function NewClassPage() {
  return (
    <Page>
      <PageHead title="Make a class" line="The first of a series; each next one starts from the last." />
      <NewClassForm today={today()} />
    </Page>
  );
}
