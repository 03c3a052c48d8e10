import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { fullName } from '@/core/people';
import { pageData } from '@/server/lock/request-identity';
import { catalogueNow } from '@/server/catalogue/catalogue';
import { cardsToPrint } from '@/server/home/home';
import { settingsNow } from '@/server/shell/settings';
import { homeCardSheet } from '@/server/sheets/home-cards';
import { today } from '@/server/shell/today';
import { buttonClass } from '@/ui/form/button';
import { Empty, Page, PageHead } from '@/ui/page/page';
import { PaperButtons } from '@/ui/paper/paper-buttons';
import { SheetView } from '@/ui/paper/sheet-view';
import { SoundButton } from '@/ui/voice/sound-button';
import { ToldDays } from './told-days';

export const metadata: Metadata = { title: 'Home cards' };

export default async function CardsPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const db = await pageData();
  const cards = await cardsToPrint(db, id);
  const { catalogue } = await catalogueNow(db);
  const { paper } = await settingsNow(db);
  const day = today();
  return (
    <Page>
      <div className="no-print">
        <PageHead title="Home cards" line="One page each when printed.">
          {cards.length > 0 && (
            <PaperButtons print="Print the cards" file={`/files/out/cards/${id}`} paper={paper} />
          )}
          <Link href={`/classes/${id}/home`} className={buttonClass()}>
            Change what is on them
          </Link>
        </PageHead>
      </div>
      {cards.length === 0 && (
        <Empty>
          <p>No card is made of this class yet.</p>
        </Empty>
      )}
      {cards.map((c) => (
        <div key={c.card.id} className="mb-10 break-after-page last:break-after-auto print:mb-0">
          <SheetView sheet={homeCardSheet(c, catalogue)} label={`Card for ${fullName(c.person)}`} />
          <div className="no-print">
            <div className="mt-3 flex flex-wrap items-center gap-3">
              <SoundButton from={`/api/home/${c.card.id}/sound`} label="Spoken count to practise with, WAV" />
            </div>
            <ToldDays cardId={c.card.id} classDay={c.info.day} today={day} logged={c.logged} />
          </div>
        </div>
      ))}
    </Page>
  );
}
