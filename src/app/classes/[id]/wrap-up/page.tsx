import { StepsOver } from '../../steps/steps-over';
import { addDays } from '@/core/days';
import { Link } from '@/ui/page/link';
import { notFound } from 'next/navigation';
import { CATALOGUE } from '@/catalogue/movements';
import {
  changesMade,
  classTimes,
  asAttended,
  prefilledLine,
  interruptionsOf,
  recordByRow,
  roomCheckWords,
  rowsOfSnapshot,
  rowTimes,
} from '@/core/teach';
import { paceWords } from '@/core/plan';
import { clockText } from '@/core/words';
import { pageData } from '@/server/lock/request-identity';
import { idFrom } from '@/server/shell/ids';
import { paceBefore } from '@/server/classes/pace';
import { loadCalls } from '@/store/calls';
import { findClass, nextOfSeries } from '@/store/classes';
import { loadCheckIns } from '@/store/check-ins';
import { incidentsOfClass } from '@/store/incidents';
import { ClassNotes } from './class-notes';
import { Incidents } from './incidents';
import { peopleOfClass } from '@/store/people';
import { loadEvents, loadMarks, loadTaught, roomCheckOf } from '@/store/teaching';
import { loadAttendance } from '@/store/wrap-ups';
import { buttonClass } from '@/ui/form/button';
import { longDay } from '@/ui/words/dates';
import { Empty, Limits, Page, PageHead } from '@/ui/page/page';
import { LateLetters } from './late-letters';
import { PlannedActual } from './planned-actual';
import { WrapUpForm } from './wrap-up-form';

export default async function WrapUpPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id, 'class');
  const db = await pageData();
  const info = id.ok ? await findClass(db, id.value) : null;
  if (!info) notFound();
  const taught = await loadTaught(db, info.id);
  const title = `Wrap-up: ${info.name}, week ${info.week}`;
  if (!taught)
    return (
      <>
        <StepsOver db={db} info={info} here="wrap-up" />
        <Page>
          <PageHead title={title} line={longDay(info.day)} />
          <Empty>
            <p className="mb-4">This class has not been taught yet, so there is nothing to write up.</p>
            <Link className={buttonClass('main')} href={`/classes/${info.id}`}>
              Go to its plan
            </Link>
          </Empty>
        </Page>
      </>
    );

  const rows = rowsOfSnapshot(taught.snapshot, CATALOGUE, taught.state.changes);
  const events = await loadEvents(db, info.id);
  const record = recordByRow(events);
  const marks = await loadMarks(db, info.id);
  const checkIns = await loadCheckIns(db, info.id);
  const written = await loadAttendance(db, info.id);
  const titleOf = (rowId: string) => rows.find((r) => r.rowId === rowId)?.title ?? 'a row';
  const people = taught.snapshot.people.map((person) => ({
    person,
    line:
      written.find((w) => w.personId === person.id) ??
      asAttended(prefilledLine(person.id, marks, titleOf, checkIns[person.id]), taught.state),
  }));
  const times = rowTimes(rows, record);
  const { plannedMs, actualMs } = classTimes(times);
  const waitedMs = interruptionsOf(events).reduce((n, i) => n + i.ms, 0);
  return (
    <>
      <StepsOver db={db} info={info} here="wrap-up" />
      <Page wide>
        <PageHead
          title={title}
          line={`${longDay(info.day)}. Planned ${clockText(plannedMs)}, took ${clockText(actualMs)} of a ${clockText(taught.snapshot.slotMs)} slot${waitedMs > 0 ? `, and was interrupted for ${clockText(waitedMs)}` : ''}.`}
        >
          <Link className={buttonClass()} href={`/classes/${info.id}/home`}>
            Home practice
          </Link>
        </PageHead>
        <LateLetters classId={info.id}>
          <WrapUpForm
            classId={info.id}
            people={people}
            notes={taught.notes}
            writtenUp={taught.writtenUp}
            made={changesMade(events, taught.state)}
          />
        </LateLetters>
        <ClassNotes
          events={events}
          people={taught.snapshot.people}
          titleOf={titleOf}
          answers={await loadCalls(db, info.id)}
        />
        <Incidents
          classId={info.id}
          incidents={await incidentsOfClass(db, info.id)}
          people={await peopleOfClass(db, info.id, 'none')}
          next={await nextOfSeries(db, info)}
        />
        <p className="mt-6 text-soft">{roomCheckWords(await roomCheckOf(db, info.id))}</p>
        <PlannedActual times={times} pace={paceWords(await paceBefore(db, dayAfter(info.day)))} />
        <Limits />
      </Page>
    </>
  );
}

const dayAfter = (day: string): string => addDays(day, 1);
