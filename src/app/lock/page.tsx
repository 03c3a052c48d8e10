import type { Metadata } from 'next';
import { BrandMark } from '@/ui/page/brand';
import { Page, PageHead } from '@/ui/page/page';
import { database } from '@/server/shell/database';
import { requesterKind } from '@/server/lock/request-identity';
import { hasInstructors } from '@/store/instructors';
import { OpenForm } from './open-form';

export const metadata: Metadata = { title: 'Locked' };

type Props = { searchParams: Promise<{ to?: string; not?: string }> };

export default async function LockPage({ searchParams }: Props) {
  const { to, not } = await searchParams;
  const hasNoHeader = (await requesterKind()).kind !== 'instructor';
  const byName = await hasInstructors(await database());
  return (
    <Page>
      {hasNoHeader && (
        <p className="mb-8 flex items-center gap-3 pt-2 text-xl font-bold">
          <BrandMark /> Oskil
        </p>
      )}
      <PageHead
        title={not === 'instructor' ? 'For a coordinator' : 'Oskil is locked'}
        line={lineFor(not, byName)}
      />
      <OpenForm to={placeOf(to)} byName={byName} />
    </Page>
  );
}

function lineFor(not: string | undefined, byName: boolean): string {
  if (not === 'helper')
    return 'A helper’s code opens the screen for the room and the marks of one class, nothing else.';
  if (not === 'instructor')
    return 'That page is about everybody’s data, so it opens for a coordinator alone.';
  return byName
    ? 'Open it with your name and passphrase. Helpers type their code alone.'
    : 'Open it with the passphrase, or with a code for helpers.';
}

/** Only a place of our own is gone to. */
const placeOf = (to: string | undefined): string | null =>
  to !== undefined && /^\/(?![/\\])[^\s]*$/.test(to) && !to.startsWith('/lock') ? to : null;
