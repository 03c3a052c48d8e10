import { warningSigns, type MeasureResult } from '@/core/measure';
import { STOP_SIGNS } from '@/core/teach';
import { classReports } from '@/store/class-reports';
import type { Db } from '@/store/db';
import { unitsNow } from '../shell/settings';

const [, NUMB_SIGN] = STOP_SIGNS;

/** What asks for advice of each of these people, by id; empty where nothing does. */
export async function signsOf(
  db: Db,
  results: ReadonlyMap<string, readonly MeasureResult[]>,
): Promise<ReadonlyMap<string, readonly string[]>> {
  const units = await unitsNow(db);
  const reports = await classReports(db, [...results.keys()], NUMB_SIGN);
  return new Map([...results].map(([id, of]) => [id, warningSigns(reports.get(id) ?? [], of, units)]));
}
