import { MOST_MEASURED, type Measure, type MeasureKind } from '../people/person';

/** What a kind of measure is: how it is called, in what steps, what is better, and what counts as a real change. */
export type MeasureFacts = {
  readonly name: string;
  readonly unit: string;
  /** How finely it is measured. */
  readonly step: number;
  readonly betterIs: 'more' | 'less';
  /** How it is done, in a sentence. */
  readonly how: string;
};

const DEGREES = { unit: 'degrees', step: 5, betterIs: 'more' } as const;
const CM = { unit: 'cm', step: 0.5 } as const;

export const MEASURES: Readonly<Record<MeasureKind, MeasureFacts>> = {
  grip: {
    name: 'Grip',
    unit: 'kg',
    step: 0.1,
    betterIs: 'more',
    how: 'Seated, elbow at a right angle, forearm supported, wrist straight; three tries each hand.',
  },
  press: {
    name: 'Press on a scale',
    unit: 'kg',
    step: 0.5,
    betterIs: 'more',
    how: 'Seated at a table, the scale before them: press with the flat hand for six seconds, breathing.',
  },
  bend: {
    ...DEGREES,
    name: 'Wrist bend',
    how: 'Forearm on the table, hand over its edge: let the hand sink as far as it goes by itself.',
  },
  'bend back': {
    ...DEGREES,
    name: 'Wrist bend back',
    how: 'Forearm on the table, fingers loose: lift the hand as far as it goes by itself.',
  },
  'toward the thumb': {
    ...DEGREES,
    name: 'Wrist toward the thumb',
    how: 'Forearm and palm flat on the table: slide the hand toward the thumb.',
  },
  'toward the little finger': {
    ...DEGREES,
    name: 'Wrist toward the little finger',
    how: 'Forearm and palm flat on the table: slide the hand toward the little finger.',
  },
  'finger to palm': {
    ...CM,
    name: 'Fingertip to palm',
    betterIs: 'less',
    how: 'Make a fist as far as it goes; the tip that stays furthest from the crease of the palm, 0 when all touch.',
  },
  opposition: {
    name: 'Thumb opposition',
    unit: 'of 10',
    step: 1,
    betterIs: 'more',
    how: 'How far the tip of the thumb comes, from the side of the index finger to the crease of the palm (Kapandji 1986).',
  },
  'web span': {
    ...CM,
    name: 'Thumb web span',
    betterIs: 'more',
    how: 'Open the thumb wide from the flat hand: tip of the thumb to tip of the index finger.',
  },
  'task ease': {
    name: 'Ease of the wanted task',
    unit: 'of 10',
    step: 1,
    betterIs: 'more',
    how: 'Ask: how easy is it now? 0 cannot, 10 easy.',
  },
  'morning stiffness': {
    name: 'Morning stiffness',
    unit: 'minutes',
    step: 5,
    betterIs: 'less',
    how: 'Ask: how long were the hands stiff this morning?',
  },
};

/** Steps of a measure that are taken for no more than how it was held and read. */
const STEPS_OF_NOISE = 2;

/** What counts as a real change where a kind has no tries of its own to tell from: two steps of how finely it is measured. */
export const thresholdOf = (kind: MeasureKind): number => STEPS_OF_NOISE * MEASURES[kind].step;

const HAND_WORDS = { L: ', left', R: ', right', both: '' } as const;

/** What was measured, with its hand: "Grip, left". */
export const measureName = ({ kind, hand }: Pick<Measure, 'kind' | 'hand'>): string =>
  `${MEASURES[kind].name}${HAND_WORDS[hand]}`;

/** A value with its unit: "35 degrees", "14.5 kg", "6 of 10". */
export const measureText = (kind: MeasureKind, value: number): string =>
  `${Number.isInteger(value) ? value : value.toFixed(1)} ${MEASURES[kind].unit}`;

/** Whole steps, as they are read off; the nearest where it lies between. */
export const inSteps = (kind: MeasureKind, value: number): number => {
  const { step } = MEASURES[kind];
  const steps = Math.round(Math.min(MOST_MEASURED[kind], Math.max(0, value)) / step);
  return Math.round(steps * step * 10) / 10;
};
