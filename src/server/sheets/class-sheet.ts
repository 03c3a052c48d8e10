import { factsOf } from '@/catalogue/class-facts';
import {
  cueSheet,
  groupSheet,
  kitSheet,
  registerSheet,
  safetySheet,
  type SheetBlock,
  type Sheet,
} from '@/core/paper';
import { clockText, timeSpan } from '@/core/words';
import { checkWithReserve, shortForm } from '@/core/plan';
import type { Db } from '@/store/db';
import { loadPlannedClass, type PlannedClass } from '../classes/classroom';
import { idFrom } from '../shell/ids';
import { settingsNow } from '../shell/settings';
import { dayWords } from './day-words';

/** What there is on paper about a class. */
export const CLASS_SHEETS = [
  { id: 'cue', name: 'Cue sheet', print: 'small', sides: null },
  { id: 'brief', name: 'Cue sheet on two sides', print: 'small', sides: 2 },
  { id: 'ways', name: 'Cue sheet with easier and stronger', print: 'small', sides: 4 },
  { id: 'short', name: 'Short form', print: 'small', sides: 2 },
  { id: 'group', name: 'Large print for the group', print: 'large', sides: 4 },
  { id: 'register', name: 'Register', print: 'normal', sides: 1 },
  { id: 'kit', name: 'Kit and packing', print: 'large', sides: 1 },
  { id: 'safety', name: 'Safety page', print: 'large', sides: 1 },
] as const satisfies readonly { id: string; name: string; print: Sheet['print']; sides: number | null }[];
export type ClassSheetId = (typeof CLASS_SHEETS)[number]['id'];

export const classSheetFrom = (raw: string | null | undefined): ClassSheetId =>
  CLASS_SHEETS.find((s) => s.id === raw)?.id ?? 'cue';

/** What a sheet about a class is made from, as plain data. */
export type ClassSheetGiven = {
  readonly which: ClassSheetId;
  readonly room: PlannedClass;
  readonly venueSafety: string;
};

/** A class as it is planned now; null where there is no such class. */
export async function classSheetGiven(
  db: Db,
  rawId: string,
  which: ClassSheetId,
): Promise<ClassSheetGiven | null> {
  const id = idFrom(rawId, 'class');
  const room = id.ok ? await loadPlannedClass(db, id.value) : null;
  return room && { which, room, venueSafety: (await settingsNow(db)).venueSafety };
}

export const classSheetTitle = ({ room: { info } }: ClassSheetGiven): string =>
  `${info.name}, week ${info.week}`;

export function makeClassSheet(given: ClassSheetGiven): Sheet {
  const { info } = given.room;
  const { print, sides } = CLASS_SHEETS.find((s) => s.id === given.which)!;
  return {
    title: classSheetTitle(given),
    line: `${dayWords.long(info.day)}, ${timeSpan(info.startsAt, info.slotMinutes)}${info.place && `, ${info.place}`}`,
    blocks: blocksOf(given),
    print,
    sides,
  };
}

function blocksOf({ which, room, venueSafety }: ClassSheetGiven): readonly SheetBlock[] {
  const { info, stored, people } = room;
  const plan = stored.history.plan;
  const facts = factsOf(room);
  switch (which) {
    case 'cue':
    case 'brief':
    case 'ways':
      return cueSheet({
        plan,
        check: checkWithReserve(plan, facts),
        facts,
        helpers: info.helpers,
        withOtherWays: which === 'ways',
        withPictures: which === 'cue',
      });
    case 'short': {
      // For a helper or a taster: other people, so no names and nobody's own way.
      const [brief, bare] = [shortForm(plan), { ...facts, people: [] }];
      const check = checkWithReserve(brief, bare);
      const length = clockText(check.timing.totalMs);
      return [
        { kind: 'text', runs: [{ text: `Each movement once, each side and pass of it too: ${length}.` }] },
        ...cueSheet({ plan: brief, check, facts: bare, helpers: [] }),
      ];
    }
    case 'group':
      return groupSheet(plan, facts.catalogue);
    case 'register':
      return registerSheet(people, info.helpers);
    case 'kit':
      return kitSheet(checkWithReserve(plan, facts).kit);
    case 'safety':
      return safetySheet(venueSafety);
  }
}
