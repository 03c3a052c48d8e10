import { SLIP_KINDS, type SlipKind } from './slips';

/** How much happens in a practice class. */
export type PracticeLevel = {
  readonly id: 'count only' | 'calm' | 'ordinary' | 'hard';
  readonly name: string;
  readonly words: string;
  readonly slips: ReadonlySet<SlipKind>;
  /** How often slips come, against the stated rates. */
  readonly often: number;
  /** Whether people must be told their own way of a row, or take it by themselves. */
  readonly tellOwnWay: boolean;
  /** The most pain that anybody comes with, of ten; where it is 0 nobody hurts at all. */
  readonly painMost: number;
};

const OF_THE_COUNT: readonly SlipKind[] = ['other hand', 'other way', 'finger', 'behind'];
const QUIET: readonly SlipKind[] = [...OF_THE_COUNT, 'shoulders', 'breath', 'wrist', 'talking', 'ring'];

export const PRACTICE_LEVELS: readonly PracticeLevel[] = [
  {
    id: 'count only',
    name: 'Count only',
    words: 'People slip where the count is unclear to them: sides, ways, fingers and pace. Nobody hurts.',
    slips: new Set(OF_THE_COUNT),
    often: 1,
    tellOwnWay: false,
    painMost: 0,
  },
  {
    id: 'calm',
    name: 'A calm class',
    words: 'Shoulders, breath, wrists, rings and talk as well, now and then. Everyone knows their own way.',
    slips: new Set(QUIET),
    often: 0.5,
    tellOwnWay: false,
    painMost: 1,
  },
  {
    id: 'ordinary',
    name: 'An ordinary class',
    words: 'People hurt, stop and drop things, and do a row as shown unless they are told their own way.',
    slips: new Set(SLIP_KINDS.filter((kind) => kind !== 'light-headed')),
    often: 0.75,
    tellOwnWay: true,
    painMost: 2,
  },
  {
    id: 'hard',
    name: 'A hard Tuesday',
    words: 'All of it and more often. Some come sore, and somebody may be light-headed.',
    slips: new Set(SLIP_KINDS),
    often: 1.2,
    tellOwnWay: true,
    painMost: 4,
  },
];
