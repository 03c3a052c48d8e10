import type { BodyPose } from '../body';

/** What people do that somebody who leads them should see. */
export const SLIP_KINDS = [
  'shoulders',
  'breath',
  'wrist',
  'other hand',
  'other way',
  'finger',
  'talking',
  'behind',
  'wince',
  'stopped',
  'dropped',
  'ring',
  'light-headed',
] as const;
export type SlipKind = (typeof SLIP_KINDS)[number];

/** What one can say, to one person or to all. */
export const CUES = [
  { id: 'shoulders', words: 'Shoulders low' },
  { id: 'breathe', words: 'Breathe' },
  { id: 'wrist', words: 'Wrists long' },
  { id: 'side', words: 'This hand' },
  { id: 'way', words: 'This way' },
  { id: 'finger', words: 'Each finger' },
  { id: 'together', words: 'With me' },
  { id: 'own way', words: 'Your own way' },
  { id: 'rest', words: 'Rest now' },
  { id: 'another', words: 'Take another' },
  { id: 'rings', words: 'Rings off' },
] as const;
export type CueId = (typeof CUES)[number]['id'];

type SlipFacts = {
  /** As one sees it, after a name. */
  readonly seen: string;
  /** As it is counted afterwards. */
  readonly name: string;
  /** What answers it. None: it takes stopping and getting help. */
  readonly answers: readonly CueId[];
  /** It goes by itself after about so many seconds; null where it does not. */
  readonly lastsS: number | null;
  /** It is over when the count is. */
  readonly inCount: boolean;
  /** How it changes the way they sit, degrees and mm. */
  readonly pose: Partial<BodyPose>;
};

export const SLIPS: Readonly<Record<SlipKind, SlipFacts>> = {
  shoulders: {
    seen: 'has let the shoulders creep up',
    name: 'shoulders up',
    answers: ['shoulders', 'rest'],
    lastsS: 16,
    inCount: false,
    pose: { 'shoulder.up': 52 },
  },
  breath: {
    seen: 'holds the breath, head drawn back',
    name: 'breath held',
    answers: ['breathe', 'rest'],
    lastsS: 10,
    inCount: true,
    pose: { 'head.nod': -24, 'shoulder.up': 22, 'trunk.lean': -6 },
  },
  wrist: {
    seen: 'lets the wrists sag',
    name: 'wrist sags',
    answers: ['wrist', 'rest'],
    lastsS: 18,
    inCount: true,
    pose: {},
  },
  'other hand': {
    seen: 'works with the other hand',
    name: 'the other hand',
    answers: ['side'],
    lastsS: 14,
    inCount: true,
    pose: {},
  },
  'other way': {
    seen: 'goes the other way',
    name: 'the other way',
    answers: ['way'],
    lastsS: 12,
    inCount: true,
    pose: {},
  },
  finger: {
    seen: 'has left out a finger and is one ahead',
    name: 'finger left out',
    answers: ['finger', 'together'],
    lastsS: 8,
    inCount: true,
    pose: {},
  },
  talking: {
    seen: 'has turned to a neighbour and talks',
    name: 'talking',
    answers: ['together'],
    lastsS: 25,
    inCount: false,
    pose: { 'head.turn': 62, 'trunk.turn': 18 },
  },
  behind: {
    seen: 'falls behind the count',
    name: 'behind the count',
    answers: ['together'],
    lastsS: 14,
    inCount: true,
    pose: {},
  },
  wince: {
    seen: 'winces',
    name: 'wincing',
    answers: ['own way', 'rest'],
    lastsS: 15,
    inCount: false,
    pose: { 'head.side': 20, 'head.nod': 14, 'shoulder.up': 34, 'trunk.side': 7 },
  },
  stopped: {
    seen: 'has stopped, hands in the lap',
    name: 'stopped',
    answers: ['own way', 'rest'],
    lastsS: null,
    inCount: true,
    pose: { 'head.nod': 16 },
  },
  dropped: {
    seen: 'has dropped the prop and looks for it',
    name: 'prop dropped',
    answers: ['another'],
    lastsS: 25,
    inCount: false,
    pose: { 'head.nod': 40, 'trunk.lean': 14, 'head.turn': 20 },
  },
  ring: {
    seen: 'still has a ring on',
    name: 'ring on',
    answers: ['rings'],
    lastsS: null,
    inCount: false,
    pose: {},
  },
  'light-headed': {
    seen: 'sinks to one side, pale: light-headed',
    name: 'light-headed',
    answers: [],
    lastsS: null,
    inCount: false,
    pose: { 'trunk.side': 20, 'head.side': 28, 'head.nod': 26, 'shoulder.up': -8 },
  },
};

/** What matters most, first. */
export const BY_WEIGHT: readonly SlipKind[] = [
  'light-headed',
  'stopped',
  'wince',
  'ring',
  'breath',
  'wrist',
  'shoulders',
  'dropped',
  'other hand',
  'other way',
  'finger',
  'behind',
  'talking',
];

/** What a cue answers. */
export const answeredBy = (cue: CueId): readonly SlipKind[] =>
  SLIP_KINDS.filter((kind) => SLIPS[kind].answers.includes(cue));
