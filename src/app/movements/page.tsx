import type { Metadata } from 'next';
import { Page, PageHead } from '@/ui/page';
import { Shelf } from './shelf';

export const metadata: Metadata = { title: 'Movements' };

export default function MovementsPage() {
  return (
    <Page wide>
      <PageHead title="Movements" line="What there is to reach for, by section." />
      <Shelf />
    </Page>
  );
}
