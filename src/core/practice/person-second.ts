import { rollAt } from '../dice';
import type { Hand } from '../dose';
import { after, FRESH, reserveOf } from '../load';
import type { RowMovement } from '../stance';
import { positionOf } from '../catalogue';
import { askedOf, isInWork, type HandAsked, type OwnForm } from './circumstance';
import type { MadeUpPerson } from './group';
import type { PracticeClass } from './log';
import type { ClassMoment } from './moment';
import {
  PAIN_PER_MINUTE,
  RATES,
  REMINDED_MS,
  REMINDED_SHARE,
  type Circumstance,
  type PainCause,
} from './rates';
import { SLIP_KINDS, SLIPS, type SlipKind } from './slips';

type Muscle = typeof FRESH;
type HandInClass = {
  readonly muscle: Muscle;
  readonly pain: number;
  /** Points of pain by what made them. */
  readonly causes: Readonly<Partial<Record<PainCause, number>>>;
};

/** A slip that goes on. */
export type SlipNow = {
  readonly kind: SlipKind;
  readonly fromMs: number;
  readonly rowId: string;
  /** What in the class it comes of, in words. */
  readonly why: string;
  /** It was answered, and is over by then. */
  readonly overMs: number | null;
};

/** How somebody is at a moment of the class. */
export type PersonInClass = {
  readonly L: HandInClass;
  readonly R: HandInClass;
  readonly slips: readonly SlipNow[];
  /** The row whose own way they were told, and whether they were ever told one. */
  readonly toldRow: string | null;
  readonly everTold: boolean;
  /** The row in which they rest. */
  readonly restsRow: string | null;
  /** When each was last said, class clock ms. */
  readonly reminded: Readonly<Partial<Record<SlipKind, number>>>;
  readonly ringOn: boolean;
  /** Helped after being light-headed: they sit out. */
  readonly sitsOut: boolean;
};

export const atTheStart = ({ pain, hasRing }: MadeUpPerson): PersonInClass => ({
  L: { muscle: FRESH, pain: pain.L, causes: {} },
  R: { muscle: FRESH, pain: pain.R, causes: {} },
  slips: [],
  toldRow: null,
  everTold: false,
  restsRow: null,
  reminded: {},
  ringOn: hasRing,
  sitsOut: false,
});

/** A second of the class, ms. */
export const SECOND_MS = 1_000;
/** So many looks at a hand in a second. */
const LOOKS = 4;
/** A side or a way is new for so long, ms. */
const NEW_MS = 6_000;
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
    const perMinute = RATES[kind](c) * cls.level.often * remindedShare(now, kind, moment.atMs);
    if (perMinute <= 0) return [];
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

function handAfter(
  cls: PracticeClass,
  who: MadeUpPerson,
  hand: Hand,
  now: PersonInClass,
  moment: ClassMoment,
  { works, grip, against }: HandAsked,
  c: Circumstance,
): HandInClass {
  const was = now[hand];
  const has = (kind: SlipKind) => now.slips.some((s) => s.kind === kind);
  const still = has('stopped') || has('light-headed') || !moment.state.running;
  const load = still ? 0 : grip;
  const looks = Array.from({ length: LOOKS }, (_, i) => moment.atMs + (i * SECOND_MS) / LOOKS);
  const workMs =
    load > 0 ? (looks.filter((at) => isInWork(moment, at, moment.atMs)).length * SECOND_MS) / LOOKS : 0;
  const worked = workMs > 0 ? after(was.muscle, load, workMs) : was.muscle;
  const muscle = workMs < SECOND_MS && worked !== FRESH ? after(worked, 0, SECOND_MS - workMs) : worked;
  const doing = works && !still && cls.level.painMost > 0;
  const per = PAIN_PER_MINUTE;
  const raises: Partial<Record<PainCause, number>> = doing
    ? {
        ...(against && { against: per.against[against] }),
        ...(load > 0 && { tired: per.tired * Math.max(0, per.tiredUnder - reserveOf(muscle)) }),
        ...(c.hurry > 0 && { hurry: per.hurry * Math.min(1, c.hurry * 4) }),
        ...(has('wrist') && { wrist: per.wrist }),
        ...(has('shoulders') && { shoulders: per.shoulders }),
        ...(has('ring') && c.ringInTheWay && { ring: per.ring }),
      }
    : {};
  const raised = Object.values(raises).reduce((sum, n) => sum + n, 0);
  const settles = raised > 0 ? 0 : doing ? per.gentle : per.rest;
  const floor = who.pain[hand] / 2;
  const pain = Math.min(10, Math.max(Math.min(was.pain, floor), was.pain + (raised + settles) / 60));
  return { muscle, pain, causes: raised > 0 ? addedUp(was.causes, raises) : was.causes };
}

function addedUp(
  causes: HandInClass['causes'],
  raises: Readonly<Partial<Record<PainCause, number>>>,
): HandInClass['causes'] {
  const sum = { ...causes };
  for (const [cause, perMinute] of Object.entries(raises) as [PainCause, number][])
    sum[cause] = (sum[cause] ?? 0) + perMinute / 60;
  return sum;
}

/** Grip to spare is little where a hand is asked this share of its strength, or more. */
const WEAK_FROM = 0.25;

function circumstanceOf(
  who: MadeUpPerson,
  now: PersonInClass,
  moment: ClassMoment,
  asked: Readonly<Record<Hand, HandAsked>>,
): Circumstance {
  const { beat, movement, state } = moment;
  const works = asked.L.works || asked.R.works;
  const counting = works && state.running;
  const grip = Math.max(asked.L.grip, asked.R.grip);
  const effort = works && moment.isWork ? (movement?.effortOf10 ?? 0) / 10 : 0;
  const isNew = counting && moment.sinceChangeMs < NEW_MS;
  const moves = beat?.kind === 'rep' || beat?.kind === 'step';
  const sided = beat?.side === 'L' || beat?.side === 'R';
  return {
    counting,
    load: Math.max(grip, effort),
    tired: 1 - Math.min(reserveOf(now.L.muscle), reserveOf(now.R.muscle)),
    heldS: counting ? moment.heldMs / 1000 : 0,
    hurry: counting ? Math.max(0, moment.faster / who.quickness - 1.05) : 0,
    lost: 1 - who.understanding,
    newSide: isNew && sided,
    againstHabit: sided && beat.side !== who.habit,
    newWay: isNew && moves && beat.pass.name !== '',
    moves: counting && moves,
    isSequence: counting && moment.inOrder && beat?.kind === 'step',
    idleS: moment.idleMs / 1000,
    listening: state.phase === 'setUp' || moment.row?.kind === 'talk',
    talkative: who.talkative,
    pain: Math.max(now.L.pain, now.R.pain),
    holdsProp: movement !== undefined && movement.propId !== null,
    weak: Math.min(1, Math.max(0, grip - WEAK_FROM) * 2),
    ringInTheWay: now.ringOn && movement !== undefined && isRingInTheWay(movement),
    faint: who.isFaint && !now.sitsOut && counting,
    onFeet: movement !== undefined && positionOf(movement) === 'standing',
    holdsBreath: now.slips.some((s) => s.kind === 'breath'),
  };
}

const isRingInTheWay = ({ traits, effort }: RowMovement): boolean =>
  effort === 'tap' || traits.includes('interlaced');

/** What it comes of, in a few words. */
function whyOf(kind: SlipKind, c: Circumstance): string {
  const hurried = c.hurry > 0 ? 'the count was too quick for them' : null;
  const tired = c.tired > 0.3 ? 'the hand was tired' : null;
  const held = c.heldS > 4 ? `the effort had been held for ${Math.round(c.heldS)} seconds` : null;
  const lost = c.lost > 0.35 ? 'they take longer to follow' : null;
  switch (kind) {
    case 'shoulders':
    case 'breath':
    case 'wrist':
      return held ?? tired ?? hurried ?? (c.load > 0.3 ? 'it was hard work' : 'it was not said for a while');
    case 'other hand':
      return (
        hurried ??
        (c.againstHabit ? 'they begin with the other hand by habit' : (lost ?? 'the side had just changed'))
      );
    case 'other way':
      return hurried ?? lost ?? 'the way had just changed';
    case 'finger':
    case 'behind':
      return hurried ?? lost ?? 'it happens';
    case 'talking':
      return c.idleS > 5 ? `they had waited for ${Math.round(c.idleS)} seconds` : 'they like a chat';
    case 'wince':
    case 'stopped':
      return c.pain > 3 ? `it hurt, ${Math.round(c.pain)} of ten` : (tired ?? 'it was too much');
    case 'dropped':
      return tired ?? (c.weak > 0.3 ? 'there was little grip to spare' : (hurried ?? 'it happens'));
    case 'ring':
      return 'rings were not asked about';
    case 'light-headed':
      return c.holdsBreath
        ? 'the breath was held'
        : c.onFeet
          ? 'they were on their feet'
          : 'it was a hard day';
  }
}
