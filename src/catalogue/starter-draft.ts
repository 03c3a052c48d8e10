import { isSeated } from '@/core/catalogue';
import { draftClass, plainWish, type Draft, type Solve, type Starter } from '@/core/draft';
import { USUAL_WAY_IN } from '@/core/plan';
import { nobodyKnown, type Person } from '@/core/people';
import type { Result } from '@/core/result';
import { factsOf } from './class-facts';
import { MOVEMENTS } from './movements';
import { PROPS } from './props';
import { TASKS } from './tasks';

/** A ready class is drafted for so many people with nothing on record, and a bag that has enough of everything. */
const PEOPLE = 8;
const PIECES = 30;
const BREATH_MS = 5_000;

/** The draft that a ready class is made from: nobody has to stand up in it. */
export function starterDraft(
  { minutes, focus, withoutProps, isFirst }: Omit<Starter, 'sections' | 'id'>,
  solve: Solve,
): Result<Draft> {
  const people = Array.from({ length: PEOPLE }, (_, i): Person => ({
    ...nobodyKnown({ firstName: `Person ${i + 1}`, initial: '' }),
    id: String(i),
    screened: true,
    archived: false,
  }));
  const facts = factsOf({
    info: { helpers: [], slotMinutes: minutes, day: '2026-01-01', week: isFirst ? 1 : 4 },
    people,
    bag: Object.fromEntries(PROPS.map((p) => [p.id, PIECES])),
    shown: isFirst ? [] : MOVEMENTS.map((m) => m.id),
    baseline: null,
    attended: {},
    own: [],
    checkIns: {},
  });
  const banned = MOVEMENTS.filter((m) => !isSeated(m)).map((m) => m.id);
  return draftClass(
    { facts, lately: [], breathMs: BREATH_MS, wayIn: USUAL_WAY_IN, tasks: TASKS },
    { ...plainWish(minutes * 60_000), focus, banned, withoutProps },
    solve,
  );
}
