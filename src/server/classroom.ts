import { addDays } from '@/core/days';
import type { OwnMovement } from '@/core/catalogue';
import { FIRST_CLASSES, type Baseline, type Pace, type Plan } from '@/core/plan';
import type { CheckIn } from '@/core/screening';
import type { Person } from '@/core/people';
import { loadBag } from '@/store/bag';
import {
  findClass,
  baselineClass,
  lastTaught,
  shownMovements,
  taughtPlans,
  type ClassInfo,
} from '@/store/classes';
import type { Db } from '@/store/db';
import { loadCheckIns } from '@/store/check-ins';
import { listOwn } from '@/store/own-movements';
import { loadPacked } from '@/store/packing';
import { peopleOfClass } from '@/store/people';
import { loadPlan, type StoredPlan } from '@/store/plans';
import { timesAttended } from '@/store/wrap-ups';
import { paceBefore } from './pace';
import { settingsNow } from './settings';

/** Everything about one class that its screens and checks need, as plain data. */
export type Classroom = {
  readonly info: ClassInfo;
  readonly stored: StoredPlan;
  readonly people: readonly Person[];
  readonly bag: Readonly<Record<string, number>>;
  readonly shown: readonly string[];
  /** The instructor's own movements. */
  readonly own: readonly OwnMovement[];
  /** What was said at the door, by person. */
  readonly checkIns: Readonly<Record<string, CheckIn>>;
  /** Classes of this series each person has come to before this one, as far as they count as their first. */
  readonly attended: Readonly<Record<string, number>>;
  /** Plans of this series taught in the four weeks before. */
  readonly recent: readonly Plan[];
  readonly pace: Pace;
  readonly packed: readonly string[];
  /** Set-ups on the floor and impact are offered. */
  readonly floor: boolean;
  /** What increases are measured against. */
  readonly baseline: Baseline | null;
  /** The class of this series that was taught last, be it in a lighter week. */
  readonly lastTaught: { readonly id: string; readonly day: string; readonly plan: Plan } | null;
};

export async function loadClassroom(db: Db, classId: string): Promise<Classroom | null> {
  const info = await findClass(db, classId);
  const stored = info && (await loadPlan(db, classId));
  if (!info || !stored) return null;
  const people = await peopleOfClass(db, classId);
  const ids = people.map((p) => p.id);
  const last = await lastTaught(db, info.seriesId, info.day);
  const baseline = await baselineClass(db, info.seriesId, info.day);
  return {
    info,
    stored,
    people,
    bag: await loadBag(db),
    shown: await shownMovements(db, info.seriesId, info.day),
    own: await listOwn(db),
    checkIns: await loadCheckIns(db, classId),
    attended: await timesAttended(db, ids, info.seriesId, info.day, FIRST_CLASSES),
    recent: await taughtPlans(db, info.seriesId, fourWeeksBefore(info.day), info.day),
    pace: await paceBefore(db, info.day),
    packed: await loadPacked(db, classId),
    floor: (await settingsNow(db)).floorLoading === 'on',
    baseline: baseline && { plan: baseline.plan, isLastTaught: baseline.id === last?.id },
    lastTaught: last,
  };
}

const fourWeeksBefore = (day: string): string => addDays(day, -28);
