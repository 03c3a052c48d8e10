import type { Metadata } from 'next';
import { Page, PageHead } from '@/ui/page';
import { OpenForm } from './open-form';

export const metadata: Metadata = { title: 'Locked' };

type Props = { searchParams: Promise<{ to?: string; helper?: string }> };

export default async function LockPage({ searchParams }: Props) {
  const { to, helper } = await searchParams;
  return (
    <Page>
      <PageHead
        title="Oskil is locked"
        line={
          helper
            ? 'A helper’s code opens the screen for the room and the marks of one class, nothing else.'
            : 'Open it with the passphrase, or with a code for helpers.'
        }
      />
      <OpenForm to={placeOf(to)} />
    </Page>
  );
}

/** Only a place of our own is gone to. */
const placeOf = (to: string | undefined): string | null =>
  to !== undefined && /^\/(?![/\\])[^\s]*$/.test(to) && !to.startsWith('/lock') ? to : null;
