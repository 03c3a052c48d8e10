import { idFrom } from '@/server/shell/ids';
import { findClass } from '@/store/classes';
import { StepsOver } from '../../steps/steps-over';
import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { fullName } from '@/core/people';
import { rungNoteOf, doneWith } from '@/core/catalogue';
import { toldDose } from '@/core/dose';
import { goMs, needsDayBetween, USUAL_HOURS } from '@/core/home';
import { pageData } from '@/server/lock/request-identity';
import { homeAfter, type HomeAfterClass, type HomeOf } from '@/server/home/home';
import { buttonClass } from '@/ui/form/button';
import { longDay } from '@/ui/words/dates';
import { Empty, Limits, Page, PageHead } from '@/ui/page/page';
import { HomeDesk } from './home-desk';
import type { HomeLine } from './home-person';

export const metadata: Metadata = { title: 'Home practice' };

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ person?: string }> };

export default async function HomePage({ params, searchParams }: Props) {
  const { id } = await params;
  const { person: only } = await searchParams;
  const db = await pageData();
  const home = await homeAfter(db, id);
  const known = idFrom(id, 'class');
  const untaught = home || !known.ok ? null : await findClass(db, known.value);
  if (!home)
    return (
      <>
        {untaught && <StepsOver db={db} info={untaught} here="cards" />}
        <Page>
          <PageHead title="Home practice" />
          <Empty>
            <p>Home practice comes from a class that has been taught. Teach this one first.</p>
          </Empty>
        </Page>
      </>
    );
  const { info, people } = home;
  const made = people.filter((p) => p.card).length;
  return (
    <>
      <StepsOver db={db} info={info} here="cards" />
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
        <HomeDesk classId={info.id} people={people.map((p) => lineOf(p, home))} only={only ?? null} />
        <Limits />
      </Page>
    </>
  );
}

const lineOf = ({ person, choice, card }: HomeOf, { catalogue, pace }: HomeAfterClass): HomeLine => ({
  personId: person.id,
  name: fullName(person),
  why: choice.why,
  timesADay: card?.timesADay ?? 3,
  hours: card?.hours ?? USUAL_HOURS,
  chosen: card ? card.rows.map((r) => r.id) : choice.proposed,
  hasCard: card !== null,
  items: choice.fit.map(({ row, movement }) => ({
    rowId: row.id,
    words: [movement.name, rungNoteOf(movement), toldDose(row.dose, doneWith(movement))]
      .filter(Boolean)
      .join(', '),
    dayBetween: needsDayBetween(movement),
    ms: goMs([row], catalogue, pace),
  })),
});
