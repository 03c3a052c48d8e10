import type { Metadata } from 'next';
import { pageData } from '@/server/lock/request-identity';
import { loadClassToBegin } from '@/server/classes/classroom';
import { idFrom } from '@/server/shell/ids';
import { clockRate, today } from '@/server/shell/today';
import { snapshotOf } from '@/server/teaching/teaching';
import { GroupDesk } from './group-desk';

export const metadata: Metadata = { title: 'A made-up group' };

type Props = { searchParams: Promise<Record<string, string | string[] | undefined>> };

/** A class taught to people who are made up: from a ready class, or from the plan it is opened from. */
export default async function GroupPage({ searchParams }: Props) {
  const db = await pageData();
  const asked = (await searchParams).class;
  const id = idFrom(typeof asked === 'string' ? asked : undefined, 'class');
  const room = id.ok ? await loadClassToBegin(db, id.value) : null;
  return (
    <GroupDesk
      planned={
        room && {
          id: room.info.id,
          name: `${room.info.name}, week ${room.info.week}`,
          week: room.info.week,
          snapshot: snapshotOf(room),
        }
      }
      day={today()}
      rate={clockRate()}
    />
  );
}
