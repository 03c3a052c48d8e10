import { mayPass, type Asker } from '@/core/lock/passes';
import { database } from '../database';
import { askerOf } from './lock';

export const COOKIE = 'oskil_session';

/** What becomes of a request while Oskil may be locked. */
export type Passage = 'pass' | 'to the lock' | 'not for helpers' | 'for coordinators';

const STOPPED: Readonly<Record<Asker['kind'], Passage>> = {
  nobody: 'to the lock',
  helper: 'not for helpers',
  instructor: 'for coordinators',
};

/** Asked before anything else, for every page and every route. */
export async function passageOf(
  path: string,
  token: string | undefined,
  carriesToken: boolean,
): Promise<{ readonly passage: Passage; readonly asker: Asker }> {
  const asker = await askerOf(await database(), token);
  return { passage: mayPass(asker, path, carriesToken) ? 'pass' : STOPPED[asker.kind], asker };
}
