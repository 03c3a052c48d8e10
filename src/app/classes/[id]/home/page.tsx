import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { fullName } from '@/core/people';
import { rungNoteOf, doneWith } from '@/core/catalogue';
import { toldDose } from '@/core/dose';
import { needsDayBetween } from '@/core/home';
import { pageData } from '@/server/lock/request-identity';
import { homeAfter, type HomeOf } from '@/server/home/home';
import { buttonClass } from '@/ui/form/button';
import { longDay } from '@/ui/words/dates';
import { Empty, Limits, Page, PageHead } from '@/ui/page/page';
import { HomeDesk, type HomeLine } from './home-desk';

export const metadata: Metadata = { title: 'Home practice' };

export default async function HomePage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const home = await homeAfter(await pageData(), id);
  if (!home)
    return (
      <Page>
        <PageHead title="Home practice" />
        <Empty>
          <p>Home practice comes from a class that has been taught. Teach this one first.</p>
        </Empty>
      </Page>
    );
  const { info, people } = home;
  const made = people.filter((p) => p.card).length;
  return (
    <Page>
      <PageHead
        title={`Home practice after ${info.name}`}
        line={`${longDay(info.day)}. Three to five things from the class that each person may do alone, as they are.`}
      >
        {made > 0 && (
          <Link href={`/classes/${info.id}/home/cards`} className={buttonClass()}>
            Cards to print: {made}
          </Link>
        )}
      </PageHead>
      <HomeDesk classId={info.id} people={people.map(lineOf)} />
      <Limits />
    </Page>
  );
}

const lineOf = ({ person, choice, card }: HomeOf): HomeLine => ({
  personId: person.id,
  name: fullName(person),
  why: choice.why,
  timesADay: card?.timesADay ?? 3,
  chosen: card ? card.rows.map((r) => r.id) : choice.proposed,
  hasCard: card !== null,
  items: choice.fit.map(({ row, movement }) => ({
    rowId: row.id,
    words: [movement.name, rungNoteOf(movement), toldDose(row.dose, doneWith(movement))]
      .filter(Boolean)
      .join(', '),
    dayBetween: needsDayBetween(movement),
  })),
});
