import { rollAt } from '../dice';
import { askedOf, type OwnForm } from './circumstance';
import { circumstanceOf } from './circumstance-of';
import type { MadeUpPerson } from './group';
import { handAfter } from './hand-second';
import type { PracticeClass } from './log';
import type { ClassMoment } from './moment';
import { SECOND_MS, type PersonInClass, type SlipNow } from './person-in-class';
import { RATES, REMINDED_MS, REMINDED_SHARE, type Circumstance } from './rates';
import { SLIP_KINDS, SLIPS, type SlipKind } from './slips';
import { whyOf } from './why';

/** Who takes in what is said well remembers their own way after it was told once. */
const REMEMBERS = 0.8;

export function formOf(
  cls: PracticeClass,
  { person, understanding }: MadeUpPerson,
  now: PersonInClass,
  moment: ClassMoment,
): OwnForm {
  const rowId = moment.row?.rowId ?? '';
  const shifted = moment.state.rungShifts.find((s) => s.rowId === rowId && s.personId === person.id);
  return {
    ownWay:
      !cls.level.tellOwnWay ||
      now.toldRow === rowId ||
      (now.everTold && understanding >= REMEMBERS) ||
      shifted?.to === 'easier',
    resting: now.restsRow === rowId || now.sitsOut,
    easier: shifted?.to === 'easier',
  };
}

/** What one second does to one person: hands first, then what ends, then what begins. */
export function afterSecond(
  cls: PracticeClass,
  who: MadeUpPerson,
  index: number,
  now: PersonInClass,
  moment: ClassMoment,
): PersonInClass {
  const away = moment.state.away.some((a) => a.personId === who.person.id);
  if (away) return { ...now, slips: [] };
  const form = formOf(cls, who, now, moment);
  const asked = askedOf(cls, who, moment, form);
  const c = circumstanceOf(who, now, moment, asked);
  const hands = {
    L: handAfter(cls, who, 'L', now, moment, asked.L, c),
    R: handAfter(cls, who, 'R', now, moment, asked.R, c),
  };
  const isStill = now.sitsOut || now.slips.some((s) => STILL.includes(s.kind));
  const going = now.slips.filter((slip) => goesOn(cls, index, slip, moment, c, isStill));
  const begun = SLIP_KINDS.flatMap((kind, k): SlipNow[] => {
    if (!cls.level.slips.has(kind) || going.some((s) => s.kind === kind) || isKeptFrom(kind, going))
      return [];
    const unreminded = RATES[kind](c) * cls.level.often;
    if (unreminded <= 0) return [];
    const perMinute = unreminded * remindedShare(now, kind, moment.atMs);
    if (rollAt(cls.seed, index, k, moment.atMs / SECOND_MS) >= 1 - Math.exp(-perMinute / 60)) return [];
    return [{ kind, fromMs: moment.atMs, rowId: moment.row?.rowId ?? '', why: whyOf(kind, c), overMs: null }];
  });
  return {
    ...now,
    ...hands,
    slips: begun.length === 0 && going.length === now.slips.length ? now.slips : [...going, ...begun],
  };
}

/** Who has stopped or is light-headed does nothing else. */
const STILL: readonly SlipKind[] = ['stopped', 'light-headed'];
const isKeptFrom = (kind: SlipKind, going: readonly SlipNow[]): boolean =>
  kind !== 'light-headed' && kind !== 'ring' && going.some((s) => STILL.includes(s.kind));

const remindedShare = ({ reminded }: PersonInClass, kind: SlipKind, atMs: number): number =>
  atMs - (reminded[kind] ?? -Infinity) < REMINDED_MS ? REMINDED_SHARE : 1;

/** A slip goes by itself in its time, when the count is over, or when it was answered. */
function goesOn(
  cls: PracticeClass,
  index: number,
  slip: SlipNow,
  moment: ClassMoment,
  c: Circumstance,
  isStill: boolean,
): boolean {
  if (slip.overMs !== null && slip.overMs <= moment.atMs) return false;
  if (isStill && slip.kind !== 'ring' && !STILL.includes(slip.kind)) return false;
  const { lastsS, inCount } = SLIPS[slip.kind];
  const isOver = moment.row?.rowId !== slip.rowId || moment.state.phase !== 'count';
  if (inCount && isOver) return false;
  if (slip.kind === 'stopped') return c.pain > 3 || c.tired > 0.4;
  if (slip.kind === 'wince' && c.pain <= 3) return false;
  if (slip.kind === 'behind' && c.hurry === 0 && moment.atMs - slip.fromMs > 3 * SECOND_MS) return false;
  if (lastsS === null) return true;
  const stream = SLIP_KINDS.length + SLIP_KINDS.indexOf(slip.kind);
  return rollAt(cls.seed, index, stream, moment.atMs / SECOND_MS) >= 1 - Math.exp(-1 / lastsS);
}
