import { Link } from '@/ui/page/link';
import { addDays } from '@/core/days';
import { nameList, plural, timeSpan } from '@/core/words';
import { checkOfClass } from '@/server/classes/cached-check';
import { loadPlannedClass } from '@/server/classes/classroom';
import { backupTrouble } from '@/server/backup/daily';
import { pageData } from '@/server/lock/request-identity';
import { damagedNow } from '@/server/shell/soundness';
import { dueAt, type Due } from '@/server/measures/reminders';
import { isDemoData } from '@/server/measures/simulated';
import { database } from '@/server/shell/database';
import { hasLock } from '@/server/lock/lock';
import { callsDue, doubtfulClearances, endingClearances, toDecide } from '@/server/teaching/follow-ups';
import { today } from '@/server/shell/today';
import { classProgress } from '@/store/class-progress';
import { endsOfSeries, openWrapUps, upcomingClasses, type ClassInfo } from '@/store/classes';
import { buttonClass } from '@/ui/form/button';
import { DamageNotice } from '@/ui/page/damage-notice';
import { longDay } from '@/ui/words/dates';
import { loadPacked } from '@/store/packing';
import { listPeople } from '@/store/people';
import { Empty, Limits, Page, PageHead } from '@/ui/page/page';
import { TourOffer } from '@/ui/tour/tour-offer';
import { CallRow } from './call-row';
import { NextClass } from './next-class';
import { SeriesToGoOn } from './series-to-go-on';

/** So long after its last class a series is still going on. */
const GOES_ON_DAYS = 42;

export default async function TodayPage() {
  const db = await pageData();
  const day = today();
  const upcoming = await upcomingClasses(db, day);
  const [next, ...later] = upcoming;
  const unwritten = await openWrapUps(db);
  const calls = await callsDue(db, day);
  const undecided = await toDecide(db, day);
  const ending = await endingClearances(db, day);
  const doubtful = await doubtfulClearances(db, day);
  const room = next && (await loadPlannedClass(db, next.id));
  const trouble = backupTrouble();
  const ends = await Promise.all(
    (await endsOfSeries(db, addDays(day, -GOES_ON_DAYS))).map(async (info) => ({
      info,
      progress: await classProgress(db, info),
    })),
  );
  const due = room ? await dueAt(db, next!, room.people, day) : undefined;
  return (
    <Page>
      <PageHead title="Today" line={longDay(day)}>
        {next && isDemoData() && <TourOffer classId={next.id} />}
      </PageHead>
      <DamageNotice tables={damagedNow()} way />
      {trouble && damagedNow().length === 0 && (
        <p role="alert" className="mb-4 font-semibold text-load">
          {trouble}{' '}
          <Link className="underline underline-offset-4" href="/backup">
            Backups
          </Link>
        </p>
      )}
      {room ? (
        <NextClass
          room={room}
          packed={await loadPacked(db, room.info.id)}
          check={checkOfClass(room)}
          today={day}
          locks={await hasLock(await database())}
          progress={await classProgress(db, room.info)}
        />
      ) : (
        ends.length === 0 && <FirstSteps people={(await listPeople(db, 'current', 'none')).length} />
      )}
      {ends.length > 0 && <SeriesToGoOn ends={ends} />}
      {unwritten.length + undecided.length + calls.length + ending.length + doubtful.length > 0 ||
      isDue(due) ? (
        <section className="mt-8">
          <h2 className="text-xl">Open</h2>
          <ul className="mt-2 grid gap-2">
            {unwritten.map((c) => (
              <li key={c.id} className="flex flex-wrap items-center gap-4 border-b py-1">
                <span className="flex-1">
                  {c.name}, {longDay(c.day)}, is taught but not written up.
                </span>
                <Link className={buttonClass()} href={`/classes/${c.id}/wrap-up`}>
                  Write up {c.name}
                </Link>
              </li>
            ))}
            {undecided.map(({ id, name, day: taughtOn }) => (
              <li key={id} className="flex flex-wrap items-center gap-4 border-b py-1">
                <span className="flex-1">
                  After {name}, {longDay(taughtOn)}, nobody has moved on or back yet.
                </span>
                <Link className={buttonClass()} href={`/classes/${id}/decide`}>
                  Decide who moves on
                </Link>
              </li>
            ))}
            {calls.map((due) => (
              <CallRow key={`${due.classId} ${due.personId}`} due={due} />
            ))}
            {doubtful.map(({ personId, words }) => (
              <li key={words}>
                {words}{' '}
                <Link className="underline underline-offset-4" href={`/people/${personId}`}>
                  Look at it
                </Link>
              </li>
            ))}
            {ending.map((line) => (
              <li key={line} className="border-b py-2">
                {line}
              </li>
            ))}
            {due && next && <DueRows due={due} next={next} />}
          </ul>
        </section>
      ) : null}
      {later.length > 0 && (
        <section className="mt-8">
          <h2 className="text-xl">After that</h2>
          <ul className="mt-2">
            {later.map((c) => (
              <Later key={c.id} info={c} />
            ))}
          </ul>
        </section>
      )}
      <Limits />
    </Page>
  );
}

const isDue = (due: Due | undefined): boolean =>
  due !== undefined && due.measure.length + due.worse.length + due.signs.length > 0;

/** Whom to measure and whom to look back on. */
function DueRows({ due: { measure, why, worse, signs }, next }: { due: Due; next: ClassInfo }) {
  return (
    <>
      {measure.length > 0 && (
        <li className="flex flex-wrap items-center gap-4 border-b py-1">
          <span className="min-w-60 flex-1">
            Measure {nameList(measure, 4)}: {why}.
          </span>
          <Link className={buttonClass()} href={`/classes/${next.id}/measuring`}>
            Measuring day
          </Link>
        </li>
      )}
      {signs.map(({ id, name, words }) => (
        <li key={id} className="flex flex-wrap items-center gap-4 border-b py-1">
          <span className="min-w-60 flex-1">
            Suggest to {name} to ask a clinician: {words}.
          </span>
          <Link className={buttonClass()} href={`/people/${id}#note`}>
            A note for {name}
          </Link>
        </li>
      ))}
      {worse.map(({ id, name }) => (
        <li key={id} className="flex flex-wrap items-center gap-4 border-b py-1">
          <span className="flex-1">Look back on {name}: worse after three weeks or more.</span>
          <Link className={buttonClass()} href={`/people/${id}/results`}>
            Results of {name}
          </Link>
        </li>
      ))}
    </>
  );
}

function Later({ info }: { info: ClassInfo }) {
  return (
    <li className="flex flex-wrap items-center gap-4 border-b py-1">
      <span className="flex-1">
        <strong>{info.name}</strong>, week {info.week}. {longDay(info.day)},{' '}
        {timeSpan(info.startsAt, info.slotMinutes)}. {plural(info.expected, 'person', 'people')}.
      </span>
      <Link className={buttonClass()} href={`/classes/${info.id}`}>
        Plan {info.name}
      </Link>
    </li>
  );
}

/** An Oskil with no class to come: who comes, then a class, which begins with a ready one. */
function FirstSteps({ people }: { people: number }) {
  const has = people > 0;
  return (
    <Empty>
      <p className="mb-4">No class is coming up. Three steps lead to one:</p>
      <ol className="mb-5 list-decimal pl-6">
        <li className={has ? 'text-soft' : ''}>
          Write the list of the people who come, as it stands on paper.
          {has && ` Done: ${plural(people, 'person', 'people')}.`}
        </li>
        <li>Make a class: a name, a day, a length.</li>
        <li>Begin with a ready class, fitted to who comes and to what is in your bag, and teach it.</li>
      </ol>
      <div className="flex flex-wrap gap-3">
        <Link className={buttonClass(has ? 'plain' : 'main')} href="/people/list">
          Write the list
        </Link>
        <Link className={buttonClass(has ? 'main' : 'plain')} href="/classes/new">
          Make a class
        </Link>
        <Link className={buttonClass()} href="/people/new">
          Add one person
        </Link>
      </div>
    </Empty>
  );
}
