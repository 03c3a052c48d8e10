import { Link } from '@/ui/page/link';
import { fullName, type Person } from '@/core/people';
import type { PlanCheck } from '@/core/plan';
import type { ClassProgress } from '@/core/teach';
import { clockText, nameList, plural, timeSpan } from '@/core/words';
import type { PlannedClass } from '@/server/classes/classroom';
import { buttonClass } from '@/ui/form/button';
import { ASSISTANCE_WORDS, conditionsOn } from '@/ui/words/condition-words';
import { longDay } from '@/ui/words/dates';
import { StepsRow } from './classes/steps/steps-row';
import { HelperCode } from './helper-code';
import { PackList } from './pack-list';

type Props = {
  room: PlannedClass;
  packed: readonly string[];
  check: PlanCheck;
  today: string;
  locks: boolean;
  progress: ClassProgress;
};

/** The next class: when, who, what to pack, what is open, and the way on. */
export function NextClass({ room, packed, check, today, locks, progress }: Props) {
  const { info, people } = room;
  const under = info.status === 'teaching';
  return (
    <section className="rounded-3xl border-2 border-ink bg-paper p-6" aria-label="Next class">
      <div className="flex flex-wrap items-start justify-between gap-4">
        <div>
          <h2 className="text-2xl">
            {info.name}, week {info.week}
          </h2>
          <p className="text-lg">
            {info.day === today ? 'Today' : longDay(info.day)}, {timeSpan(info.startsAt, info.slotMinutes)}
            {info.place && ` at ${info.place}`}
          </p>
        </div>
        {under && (
          <Link className={buttonClass('main', 'text-lg px-8')} href={`/classes/${info.id}/teach`}>
            Go on teaching
          </Link>
        )}
      </div>
      <StepsRow classId={info.id} progress={progress} here={null} of={`${info.name}, week ${info.week}`} />
      <div className="mt-5 grid gap-x-10 gap-y-5 md:grid-cols-2">
        <PlanState check={check} slotMs={info.slotMinutes * 60_000} />
        <PackList classId={info.id} kit={check.kit} packed={packed} />
        <WhoComes people={people} helpers={info.helpers} />
        {locks && (
          <>
            <HelperCode classId={info.id} kind="helper" />
            <HelperCode classId={info.id} kind="tv" />
          </>
        )}
      </div>
    </section>
  );
}

function PlanState({ check, slotMs }: { check: PlanCheck; slotMs: number }) {
  const { timing, findings } = check;
  const musts = findings.filter((f) => f.severity === 'must');
  const over = timing.totalMs - slotMs;
  return (
    <div>
      <h3 className="text-lg">The plan</h3>
      {timing.rows.length === 0 ? (
        <p>No rows yet.</p>
      ) : (
        <p>
          {plural(timing.rows.length, 'row')}, {clockText(timing.totalMs)}, {clockText(Math.abs(over))}{' '}
          {over > 0 ? 'over' : 'in hand'}.
        </p>
      )}
      {musts.map((f, i) => (
        <p key={i} className="mt-1">
          <strong className="text-load">To put right:</strong> {f.text}
        </p>
      ))}
      {timing.rows.length > 0 && musts.length === 0 && <p>It breaks no must rule.</p>}
    </div>
  );
}

/** Everyone expected; those with something to know come with it. */
function WhoComes({ people, helpers }: { people: readonly Person[]; helpers: readonly string[] }) {
  const needs = (p: Person): string =>
    [
      ...(p.screened ? [] : ['not screened yet']),
      ...handsWords(conditionsOn(p, 'L'), conditionsOn(p, 'R')),
      ...conditionsOn(p, 'none'),
      ...(p.assistance >= 2 ? [ASSISTANCE_WORDS[p.assistance] ?? ''] : []),
    ].join(', ');
  return (
    <div className="md:col-span-2">
      <h3 className="text-lg">
        Who comes: {plural(people.length, 'person', 'people')}
        {helpers.length > 0 ? `, ${nameList(helpers)} helping` : ', no helper'}
      </h3>
      <ul className="mt-1 grid gap-x-10 md:grid-cols-2">
        {people.map((p) => (
          <li key={p.id} className="border-b py-1.5">
            <Link className="font-semibold underline underline-offset-4" href={`/people/${p.id}`}>
              {fullName(p)}
            </Link>{' '}
            {needs(p)}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** "both thumb-base arthritis", "left tremor": a condition on both hands is said once. */
function handsWords(left: readonly string[], right: readonly string[]): string[] {
  return [
    ...left.filter((c) => right.includes(c)).map((c) => `both hands ${c}`),
    ...left.filter((c) => !right.includes(c)).map((c) => `left ${c}`),
    ...right.filter((c) => !left.includes(c)).map((c) => `right ${c}`),
  ];
}
