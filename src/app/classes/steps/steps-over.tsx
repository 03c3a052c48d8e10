import type { ClassStep } from '@/core/teach';
import { classProgress } from '@/store/class-progress';
import type { ClassInfo } from '@/store/classes';
import type { Db } from '@/store/db';
import { ClassBar } from './class-bar';

type Props = { db: Db; info: ClassInfo; here: ClassStep | null };

/** The steps of a class over one of its pages. */
export const StepsOver = async ({ db, info, here }: Props) => (
  <ClassBar info={info} progress={await classProgress(db, info)} here={here} />
);
