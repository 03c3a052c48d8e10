import { REMOTE_COMMANDS } from '@/core/lead';
import type { TeachAction } from './teach-key-table';

/** What is done on the screen at hand, whichever screen counts. */
const HERE: readonly TeachAction[] = ['marks', 'ask', 'help'];

/** The keys of a screen that does not teach. */
export const KEYS_OF: Readonly<Record<'remote' | 'follow', ReadonlySet<TeachAction>>> = {
  remote: new Set([...HERE, ...REMOTE_COMMANDS.filter((c) => c !== 'pause')]),
  follow: new Set(HERE),
};
