import type { SlipKind } from './slips';

/** All that makes a slip more likely or less, for one person at one moment. Nothing is below 0. */
export type Circumstance = {
  readonly counting: boolean;
  /** Effort asked, 0 to 1, of the hand that is asked more. */
  readonly load: number;
  /** What is gone of the grip's reserve, 0 to 1, in the hand that has less. */
  readonly tired: number;
  /** Effort held without a break, s. */
  readonly heldS: number;
  /** How much faster it is counted than this person follows: 0 where they keep up. */
  readonly hurry: number;
  /** What is not taken in of what is said, 0 to 1. */
  readonly lost: number;
  /** A side began a moment ago, and whether it is not the one they begin with by habit. */
  readonly newSide: boolean;
  readonly againstHabit: boolean;
  /** A way began a moment ago. */
  readonly newWay: boolean;
  /** They move with each number, and hold nothing still. */
  readonly moves: boolean;
  /** Fingers go one by one, in an order. */
  readonly isSequence: boolean;
  /** Waiting beyond what was planned, s. */
  readonly idleS: number;
  /** Nothing is counted, and somebody talks. */
  readonly listening: boolean;
  readonly talkative: number;
  readonly pain: number;
  readonly holdsProp: boolean;
  /** How little grip there is to spare, 0 to 1. */
  readonly weak: number;
  readonly ringInTheWay: boolean;
  readonly faint: boolean;
  readonly onFeet: boolean;
  readonly holdsBreath: boolean;
};

const over = (value: number, line: number): number => Math.max(0, value - line);

/** So many a minute of each slip: made up, and stated here. More of what strains never makes any of them fewer. */
export const RATES: Readonly<Record<SlipKind, (c: Circumstance) => number>> = {
  shoulders: (c) =>
    c.counting ? 0.04 + 0.7 * c.load + 0.1 * over(c.heldS, 3) + 1.4 * c.tired + 0.8 * c.hurry : 0,
  breath: (c) => (c.counting && c.load > 0.15 ? 0.5 * c.load + 0.15 * over(c.heldS, 2) : 0),
  wrist: (c) =>
    c.counting && c.load > 0 ? 0.05 + 0.5 * c.load + 1.6 * c.tired + 0.06 * over(c.heldS, 3) : 0,
  'other hand': (c) => (c.newSide ? 0.2 + 2.5 * c.lost + (c.againstHabit ? 1.5 : 0) + 2 * c.hurry : 0),
  'other way': (c) => (c.newWay ? 0.2 + 3 * c.lost + 2 * c.hurry : 0),
  finger: (c) => (c.isSequence ? 0.08 + 0.8 * c.lost + 4 * c.hurry : 0),
  talking: (c) => c.talkative * (c.listening ? 0.12 + 0.05 * over(c.idleS, 5) : c.counting ? 0.03 : 0.06),
  behind: (c) => (c.moves ? 0.03 + 0.3 * c.lost + 8 * c.hurry : 0),
  wince: (c) => 1.6 * over(c.pain, 3),
  stopped: (c) => (c.counting ? 9 * over(c.pain, 5.5) + 3 * over(c.tired, 0.5) : 0),
  dropped: (c) => (c.counting && c.holdsProp ? 0.05 + 0.35 * c.weak + 0.9 * c.tired + 0.5 * c.hurry : 0),
  ring: (c) => (c.ringInTheWay ? 12 : 0),
  'light-headed': (c) =>
    c.faint ? 0.012 + (c.onFeet ? 0.1 : 0) + (c.holdsBreath ? 0.6 : 0) + 0.02 * over(c.pain, 4) : 0,
};

/** What was just said keeps a slip from coming back, for so long, to so much. */
export const REMINDED_MS = 60_000;
export const REMINDED_SHARE = 0.3;

/** What pain does in a minute, of ten; made up, and stated here. */
export const PAIN_PER_MINUTE = {
  /** A row done as shown where the plan says otherwise, while the hand works. */
  against: { adapt: 1.6, swap: 4, leaveOut: 6 },
  /** Grip whose reserve is under this, for all that it is under. */
  tiredUnder: 0.75,
  tired: 6,
  hurry: 1.2,
  wrist: 0.9,
  shoulders: 0.4,
  ring: 1.5,
  /** It settles at rest, and less in unloaded movement; to half of what they came with. */
  rest: -0.9,
  gentle: -0.35,
} as const;

const { against, rest, gentle, tired, tiredUnder } = PAIN_PER_MINUTE;

/** The rules in words, with the numbers they have. */
export const RULES_OF_GROUP = [
  'Slips a minute: shoulders, breath and wrists with effort, holds beyond three seconds, a tired hand and a quick count; the other hand, the other way and a finger left out where a side, a way or an order is new, not understood or hurried; talk with waiting; falling behind where the count is quicker than somebody follows.',
  `What was just said comes back ${Math.round(REMINDED_SHARE * 100)} % as often for ${REMINDED_MS / 1000} s.`,
  `Pain of ten goes up by ${against.adapt} a minute where a row that should be adapted is done as shown, ${against.swap} where it should be swapped, ${against.leaveOut} where it should be left out, and with grip once the reserve is under ${tiredUnder * 100} %, by ${tired} for all of it; it goes down by ${-rest} at rest and ${-gentle} in gentle movement.`,
].join(' ');

/** The words for what made a hand hurt. */
export const PAIN_CAUSES = {
  against: 'did a row as shown that was not for this hand',
  tired: 'gripped on a tired hand',
  hurry: 'was hurried',
  wrist: 'the wrist sagged',
  shoulders: 'the shoulders were up',
  ring: 'tapped or laced with a ring on',
} as const;
export type PainCause = keyof typeof PAIN_CAUSES;
