import type { KnownOfClass } from '@/catalogue/class-facts';
import { addDays } from '@/core/days';
import { FIRST_CLASSES, type Plan } from '@/core/plan';
import { loadBag } from '@/store/bag';
import {
  baselineClass,
  findClass,
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
import { settingsNow } from '../shell/settings';

/** A class with its plan, and all that the plan is judged against. */
export type PlannedClass = KnownOfClass & {
  readonly info: ClassInfo;
  readonly stored: StoredPlan;
  /** The class of this series that was taught last, be it in a lighter week. */
  readonly lastTaught: { readonly id: string; readonly day: string; readonly plan: Plan } | null;
};

/** What a class begins with: its plan, who is there and what they said at the door. */
export type ClassToBegin = Pick<
  PlannedClass,
  'info' | 'stored' | 'people' | 'checkIns' | 'shown' | 'own' | 'pace'
>;

/** A class as the desk shows it. */
export type Classroom = PlannedClass & {
  /** Plans of this series taught in the four weeks before. */
  readonly recent: readonly Plan[];
  readonly packed: readonly string[];
  /** Set-ups on the floor and impact are offered. */
  readonly floor: boolean;
};

/** A class and its plan; null where there is none. */
async function findPlanned(db: Db, classId: string): Promise<Pick<PlannedClass, 'info' | 'stored'> | null> {
  const [info, stored] = await Promise.all([findClass(db, classId), loadPlan(db, classId)]);
  return info && stored && { info, stored };
}

export async function loadClassToBegin(db: Db, classId: string): Promise<ClassToBegin | null> {
  const found = await findPlanned(db, classId);
  if (!found) return null;
  const { info } = found;
  const [people, checkIns, shown, own, pace] = await Promise.all([
    peopleOfClass(db, classId),
    loadCheckIns(db, classId),
    shownMovements(db, info.seriesId, info.day),
    listOwn(db),
    paceBefore(db, info.day),
  ]);
  return { ...found, people, checkIns, shown, own, pace };
}

export async function loadPlannedClass(db: Db, classId: string): Promise<PlannedClass | null> {
  const begun = await loadClassToBegin(db, classId);
  if (!begun) return null;
  const { info, people } = begun;
  const ids = people.map((p) => p.id);
  const [bag, attended, baseline, lastTaughtClass] = await Promise.all([
    loadBag(db),
    timesAttended(db, ids, info.seriesId, info.day, FIRST_CLASSES),
    baselineClass(db, info.seriesId, info.day),
    lastTaught(db, info.seriesId, info.day),
  ]);
  const isLastTaught = baseline?.id === lastTaughtClass?.id;
  return {
    ...begun,
    bag,
    attended,
    baseline: baseline && { plan: baseline.plan, isLastTaught },
    lastTaught: lastTaughtClass,
  };
}

export async function loadClassroom(db: Db, classId: string): Promise<Classroom | null> {
  const planned = await loadPlannedClass(db, classId);
  if (!planned) return null;
  const { info } = planned;
  const [recent, packed, settings] = await Promise.all([
    taughtPlans(db, info.seriesId, addDays(info.day, -28), info.day),
    loadPacked(db, classId),
    settingsNow(db),
  ]);
  return { ...planned, recent, packed, floor: settings.floorLoading === 'on' };
}
