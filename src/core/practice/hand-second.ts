import type { Hand } from '../dose';
import { after, FRESH, reserveOf } from '../load';
import { isInWork, type HandAsked } from './circumstance';
import type { MadeUpPerson } from './group';
import type { PracticeClass } from './log';
import type { ClassMoment } from './moment';
import { SECOND_MS, type HandInClass, type PersonInClass } from './person-in-class';
import { PAIN_PER_MINUTE, type Circumstance, type PainCause } from './rates';
import type { SlipKind } from './slips';

/** So many looks at a hand in a second. */
const LOOKS = 4;

/** What one second does to a hand: its grip tires or rests, and it hurts more or settles. */
export function handAfter(
  cls: PracticeClass,
  who: MadeUpPerson,
  hand: Hand,
  now: PersonInClass,
  moment: ClassMoment,
  { works, grip, against }: HandAsked,
  c: Circumstance,
): HandInClass {
  const was = now[hand];
  const has = (kind: SlipKind) => now.slips.some((s) => s.kind === kind);
  const still = has('stopped') || has('light-headed') || !moment.state.running;
  const load = still ? 0 : grip;
  const workMs = load > 0 ? workIn(moment) : 0;
  const worked = workMs > 0 ? after(was.muscle, load, workMs) : was.muscle;
  const muscle = workMs < SECOND_MS && worked !== FRESH ? after(worked, 0, SECOND_MS - workMs) : worked;
  const doing = works && !still && cls.level.painMost > 0;
  const per = PAIN_PER_MINUTE;
  const raises: Partial<Record<PainCause, number>> = doing
    ? {
        ...(against && { against: per.against[against] }),
        ...(load > 0 && { tired: per.tired * Math.max(0, per.tiredUnder - reserveOf(muscle)) }),
        ...(c.hurry > 0 && { hurry: per.hurry * Math.min(1, c.hurry * 4) }),
        ...(has('wrist') && { wrist: per.wrist }),
        ...(has('shoulders') && { shoulders: per.shoulders }),
        ...(has('ring') && c.ringInTheWay && { ring: per.ring }),
      }
    : {};
  const raised = Object.values(raises).reduce((sum, n) => sum + n, 0);
  const settles = raised > 0 ? 0 : doing ? per.gentle : per.rest;
  const floor = who.pain[hand] / 2;
  const pain = Math.min(10, Math.max(Math.min(was.pain, floor), was.pain + (raised + settles) / 60));
  return { muscle, pain, causes: raised > 0 ? addedUp(was.causes, raises) : was.causes };
}

/** How much of the second the grip is at work, ms. */
function workIn(moment: ClassMoment): number {
  const looks = Array.from({ length: LOOKS }, (_, i) => moment.atMs + (i * SECOND_MS) / LOOKS);
  return (looks.filter((at) => isInWork(moment, at, moment.atMs)).length * SECOND_MS) / LOOKS;
}

function addedUp(
  causes: HandInClass['causes'],
  raises: Readonly<Partial<Record<PainCause, number>>>,
): HandInClass['causes'] {
  const sum = { ...causes };
  for (const [cause, perMinute] of Object.entries(raises) as [PainCause, number][])
    sum[cause] = (sum[cause] ?? 0) + perMinute / 60;
  return sum;
}
