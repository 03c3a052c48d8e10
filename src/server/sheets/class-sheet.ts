import { factsOf } from '@/catalogue/class-facts';
import { cueSheet } from '@/core/paper/cue-sheet';
import { groupSheet } from '@/core/paper/group-sheet';
import { kitSheet } from '@/core/paper/kit-sheet';
import { registerSheet } from '@/core/paper/register-sheet';
import { safetySheet } from '@/core/paper/safety-sheet';
import type { Block, Sheet } from '@/core/paper/sheet';
import { timeSpan } from '@/core/words';
import { checkWithReserve } from '@/core/plan/check';
import type { Db } from '@/store/db';
import { loadClassroom } from '../classroom';
import { idFrom } from '../ids';
import { settingsNow } from '../settings';
import { dayWords } from './day-words';

/** What there is on paper about a class. */
export const CLASS_SHEETS = [
  { id: 'cue', name: 'Cue sheet', print: 'small', sides: 2 },
  { id: 'group', name: 'Large print for the group', print: 'large', sides: 4 },
  { id: 'register', name: 'Register', print: 'normal', sides: 1 },
  { id: 'kit', name: 'Kit and packing', print: 'large', sides: 1 },
  { id: 'safety', name: 'Safety page', print: 'large', sides: 1 },
] as const satisfies readonly { id: string; name: string; print: Sheet['print']; sides: number | null }[];
export type ClassSheetId = (typeof CLASS_SHEETS)[number]['id'];

export const classSheetFrom = (raw: string | null | undefined): ClassSheetId =>
  CLASS_SHEETS.find((s) => s.id === raw)?.id ?? 'cue';

/** A sheet about a class as it is planned now; null where there is no such class. */
export async function classSheet(db: Db, rawId: string, which: ClassSheetId): Promise<Sheet | null> {
  const id = idFrom(rawId, 'class');
  const room = id.ok ? await loadClassroom(db, id.value) : null;
  if (!room) return null;
  const { info, stored, people } = room;
  const plan = stored.history.plan;
  const facts = factsOf(room);
  const blocks = async (): Promise<readonly Block[]> => {
    switch (which) {
      case 'cue':
        return cueSheet({ plan, check: checkWithReserve(plan, facts), facts, helpers: info.helpers });
      case 'group':
        return groupSheet(plan, facts.catalogue);
      case 'register':
        return registerSheet(people, info.helpers);
      case 'kit':
        return kitSheet(checkWithReserve(plan, facts).kit);
      case 'safety':
        return safetySheet((await settingsNow(db)).venueSafety);
    }
  };
  const { print, sides } = CLASS_SHEETS.find((s) => s.id === which)!;
  return {
    title: `${info.name}, week ${info.week}`,
    line: `${dayWords.long(info.day)}, ${timeSpan(info.startsAt, info.slotMinutes)}${info.place && `, ${info.place}`}`,
    blocks: await blocks(),
    print,
    sides,
  };
}
