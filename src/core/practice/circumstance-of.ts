import { positionOf } from '../catalogue';
import type { Hand } from '../dose';
import { reserveOf } from '../load';
import type { RowMovement } from '../stance';
import type { HandAsked } from './circumstance';
import type { MadeUpPerson } from './group';
import type { ClassMoment } from './moment';
import type { PersonInClass } from './person-in-class';
import type { Circumstance } from './rates';

/** A side or a way is new for so long, ms. */
const NEW_MS = 6_000;

/** Grip to spare is little where a hand is asked this share of its strength, or more. */
const WEAK_FROM = 0.25;

/** What makes slips of one person more likely now, or less. */
export function circumstanceOf(
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
