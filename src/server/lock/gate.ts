import { mayPass, type Asker } from '@/core/lock/passes';
import { database } from '../database';
import { askerOf } from './lock';

export const COOKIE = 'oskil_session';

/** What becomes of a request while Oskil may be locked. */
export type Passage = {
  readonly passage: 'pass' | 'to the lock' | 'not for helpers';
  readonly who: Asker['kind'];
};

/** Asked before anything else, for every page and every route. */
export async function passageOf(
  path: string,
  token: string | undefined,
  carriesToken: boolean,
): Promise<Passage> {
  const asker = await askerOf(await database(), token);
  const passes = mayPass(asker, path, carriesToken);
  const stopped = asker.kind === 'helper' ? 'not for helpers' : 'to the lock';
  return { passage: passes ? 'pass' : stopped, who: asker.kind };
}
