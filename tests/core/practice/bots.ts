import { practiceClassOf, LIKELY_CONDITIONS } from '@/catalogue/practice-facts';
import { readyPlan } from '@/catalogue/ready-plan';
import { STARTERS } from '@/catalogue/starters';
import type { Plan } from '@/core/plan/plan';
import { courseAtStart, slipsAt, withSeconds, type Course } from '@/core/practice/course';
import { madeUpGroup, type MadeUpPerson } from '@/core/practice/group';
import { PRACTICE_LEVELS, type PracticeLevel } from '@/core/practice/level';
import { EMPTY_LOG, withAct, withTurn, type PracticeClass, type PracticeLog } from '@/core/practice/log';
import { momentAt } from '@/core/practice/moment';
import { SLIPS, type CueId } from '@/core/practice/slips';
import type { Snapshot } from '@/core/teach/snapshot';
import { begin, command, flow, type TeachCommand } from '@/core/teach/transport';
import type { Moved } from '@/core/teach/state';

const DAY = '2026-11-24';
export const levelOf = (id: PracticeLevel['id']): PracticeLevel => PRACTICE_LEVELS.find((l) => l.id === id)!;

/** A ready class, or the rows of it that are named by the sections. */
export function planOf(starterId: string, sections?: readonly string[]): Plan {
  const starter = STARTERS.find((s) => s.id === starterId)!;
  const plan = readyPlan(starter);
  return sections ? { ...plan, sections: plan.sections.filter((s) => sections.includes(s.kind)) } : plan;
}

export const snapshotFor = (plan: Plan): Snapshot => ({
  plan,
  people: [],
  helpers: [],
  slotMs: 45 * 60_000,
  shown: plan.sections.flatMap((s) => s.rows.flatMap((r) => (r.kind === 'movement' ? [r.movementId] : []))),
});

type Setting = {
  seed: number;
  level?: PracticeLevel['id'];
  people?: number;
  group?: readonly MadeUpPerson[];
};

export function classFor(
  plan: Plan,
  { seed, level = 'ordinary', people = 8, group }: Setting,
): PracticeClass {
  const of = levelOf(level);
  return practiceClassOf({
    snapshot: snapshotFor(plan),
    group: group ?? madeUpGroup(seed, people, of, LIKELY_CONDITIONS),
    level: of,
    seed,
    day: DAY,
    week: 4,
  });
}

/** What a bot does in one second, seeing the class as it is. */
export type Bot = (at: {
  readonly cls: PracticeClass;
  readonly course: Course;
  readonly atMs: number;
  readonly moment: ReturnType<typeof momentAt>;
  readonly isNewRow: boolean;
  readonly act: (what: TeachCommand) => void;
  readonly say: (cue: CueId, to?: string | null) => void;
  readonly help: () => void;
}) => void;

const NOTHING = { marks: [], answers: [] };
const NO_CHANGES = [] as const;

/** A whole class taught by a bot, second by second. */
export function taughtBy(bot: Bot, cls: PracticeClass, mostS = 7_200): { course: Course; log: PracticeLog } {
  const rows = cls.rowsOf(NO_CHANGES);
  let log = EMPTY_LOG;
  let course = courseAtStart(cls);
  let state = begin(rows, 0).state;
  let wasRow = -1;
  const took = ({ state: next, events }: Moved, atMs: number) => {
    if (next === state && events.length === 0) return;
    state = { ...next, changes: NO_CHANGES };
    log = withTurn(log, { atMs, state, reports: NOTHING }, events);
  };
  log = withTurn(log, { atMs: 0, state: { ...state, changes: NO_CHANGES }, reports: NOTHING }, []);
  for (let s = 1; s < mostS && state.phase !== 'done'; s++) {
    const atMs = s * 1_000;
    took(flow(rows, state, atMs), atMs);
    course = withSeconds(cls, log, course, atMs);
    const moment = momentAt(cls, log.turns.at(-1)!, atMs);
    bot({
      cls,
      course,
      atMs,
      moment,
      isNewRow: state.rowIndex !== wasRow,
      act: (what) => took(command(rows, state, what, atMs), atMs),
      say: (cue, to = null) => (log = withAct(log, { atMs, what: 'cue', cue, to })),
      help: () => (log = withAct(log, { atMs, what: 'help', to: null })),
    });
    wasRow = moment.state.rowIndex;
  }
  return { course: withSeconds(cls, log, course, course.untilMs + 2_000), log };
}

/** Says what is needed before it is, sees what goes wrong in two seconds, and answers it. */
export const goodBot: Bot = ({ cls, course, atMs, moment, isNewRow, act, say, help }) => {
  const { state, row, offsetMs } = moment;
  if (!row) return;
  if (isNewRow && row.kind === 'movement') {
    say('own way');
    say('rings');
    say('shoulders');
    say('breathe');
  }
  if (state.phase === 'setUp' && offsetMs >= row.setUpMs) act('goOrPause');
  if (row.kind === 'talk' && offsetMs >= row.countMs) act('next');
  if (state.phase === 'count' && moment.sinceChangeMs >= -1_500 && moment.sinceChangeMs < 500) {
    say('side');
    say('way');
  }
  for (const { person } of cls.group)
    for (const slip of slipsAt(course, person.id, atMs - 1)) {
      if (atMs - slip.fromMs < 2_000 || atMs - slip.fromMs > 8_000) continue;
      const cue = SLIPS[slip.kind].answers[0];
      if (cue) say(cue, person.id);
      else help();
      if (slip.kind === 'behind' && moment.faster > 0.8) act('slower');
    }
};

/** Hurries, says nothing, and keeps people waiting. */
export const badBot: Bot = ({ moment, act }) => {
  const { state, row, offsetMs } = moment;
  if (!row) return;
  if (state.phase === 'setUp' && offsetMs >= row.setUpMs + 30_000) {
    act('goOrPause');
    act('faster');
    act('faster');
    act('faster');
  }
  if (row.kind === 'talk' && offsetMs >= row.countMs + 60_000) act('next');
};
