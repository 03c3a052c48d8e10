import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { plural } from '@/core/words';
import { pageData } from '@/server/lock/request-identity';
import { termToPlay } from '@/server/terms/term-play';
import { Empty, Limits, Page, PageHead } from '@/ui/page/page';
import { PlayDesk } from './play-desk';

export const metadata: Metadata = { title: 'Play a term forward' };

export default async function PlayPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const toPlay = await termToPlay(await pageData(), id);
  return (
    <Page wide>
      <PageHead
        title={toPlay ? `Play forward: ${toPlay.name}` : 'Play forward'}
        line={
          toPlay
            ? `${plural(toPlay.term.classes.length, 'class', 'classes')}, ${plural(toPlay.term.people.length, 'person', 'people')}${toPlay.assumed > 0 ? `; ${toPlay.assumed} not planned yet and played as they would be made` : ''}`
            : undefined
        }
      />
      {toPlay ? (
        <PlayDesk toPlay={toPlay} />
      ) : (
        <Empty>
          <p>
            There is no class in this term to play from.{' '}
            <Link className="underline underline-offset-4" href="/terms">
              Back to the terms
            </Link>
          </p>
        </Empty>
      )}
      <Limits />
    </Page>
  );
}
