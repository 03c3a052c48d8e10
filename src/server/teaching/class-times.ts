import { CATALOGUE } from '@/catalogue/movements';
import { classTimes, recordByRow, rowsOfSnapshot, rowTimes } from '@/core/teach';
import type { Db } from '@/store/db';
import { endedWithoutTimes, keepClassTimes, loadEvents, loadTaught } from '@/store/teaching';

/** Keep with a class that has ended how long it was planned for and took, so that a list of many need not work it out. */
export async function keepTimesOf(db: Db, classId: string): Promise<void> {
  const [taught, events] = await Promise.all([loadTaught(db, classId), loadEvents(db, classId)]);
  if (!taught) return;
  const rows = rowsOfSnapshot(taught.snapshot, CATALOGUE, taught.state.changes);
  await keepClassTimes(db, classId, classTimes(rowTimes(rows, recordByRow(events))));
}

/** The same for classes that ended before it was kept, or that a backup brought. */
export async function keepMissingTimes(db: Db): Promise<void> {
  for (const classId of await endedWithoutTimes(db))
    await keepTimesOf(db, classId).catch((error: unknown) => {
      // One record that cannot be read keeps nothing else from starting; the list shows no times for it.
      console.error('The times of a taught class could not be worked out.', error);
    });
}
