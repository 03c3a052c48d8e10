import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { fullName } from '@/core/people';
import { pageData } from '@/server/lock/request-identity';
import { catalogueNow } from '@/server/catalogue/catalogue';
import { cardsToPrint } from '@/server/home/home';
import { settingsNow } from '@/server/shell/settings';
import { printedPages } from '@/server/sheets/printed-pages';
import { homeCardSheet } from '@/server/sheets/home-cards';
import { today } from '@/server/shell/today';
import { buttonClass } from '@/ui/form/button';
import { Empty, Page, PageHead } from '@/ui/page/page';
import { PaperButtons } from '@/ui/paper/paper-buttons';
import { SheetView } from '@/ui/paper/sheet-view';
import { SoundButton } from '@/ui/voice/sound-button';
import { ToldDays } from './told-days';

export const metadata: Metadata = { title: 'Home cards' };

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ for?: string }> };

export default async function CardsPage({ params, searchParams }: Props) {
  const { id } = await params;
  const { for: only } = await searchParams;
  const db = await pageData();
  const wanted = await cardsToPrint(db, id, only ? only.split(',') : []);
  const { catalogue } = await catalogueNow(db);
  const { paper } = await settingsNow(db);
  const cards = await Promise.all(
    wanted.map(async (c) => {
      const sheet = homeCardSheet(c, catalogue);
      return { ...c, sheet, printed: await printedPages(sheet, paper) };
    }),
  );
  const day = today();
  return (
    <Page>
      <div className="no-print">
        <PageHead title="Home cards" line="One page each when printed.">
          {cards.length > 0 && (
            <PaperButtons
              print={cards.length === 1 ? 'Print the card' : 'Print the cards'}
              file={`/files/out/cards/${id}${only ? `?for=${encodeURIComponent(only)}` : ''}`}
              paper={paper}
            />
          )}
          {only && (
            <Link href={`/classes/${id}/home/cards`} className={buttonClass()}>
              All cards of the class
            </Link>
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
          <SheetView sheet={c.sheet} printed={c.printed} label={`Card for ${fullName(c.person)}`} />
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
