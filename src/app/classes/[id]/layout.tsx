import type { ReactNode } from 'react';
import { pageData } from '@/server/lock/request-identity';
import { listOwn } from '@/store/own-movements';
import { WithPutAway } from '@/ui/own-movements';

/** A class may hold movements that were put away since. */
export default async function ClassLayout({ children }: { children: ReactNode }) {
  const own = await listOwn(await pageData());
  return <WithPutAway own={own.filter((o) => o.archived)}>{children}</WithPutAway>;
}
