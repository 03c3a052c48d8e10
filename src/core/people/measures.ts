import { z } from 'zod';
import type { Immutable } from '../frozen';
import { daySchema } from '../days';
import { fieldNumber, METRIC, toShown, unitShown, type Units } from '../units';

export const WRIST_RANGES = ['flexion', 'extension', 'radial', 'ulnar'] as const;
export type WristRange = (typeof WRIST_RANGES)[number];

/** In plain words; earlier versions kept them so in files and snapshots. */
export const WRIST_RANGE_WORDS: Readonly<Record<WristRange, string>> = {
  flexion: 'bend',
  extension: 'bend back',
  radial: 'toward the thumb',
  ulnar: 'toward the little finger',
};

export const MEASURE_KINDS = [
  'grip',
  'press',
  ...WRIST_RANGES,
  'finger to palm',
  'opposition',
  'web span',
  'task ease',
  'morning stiffness',
] as const;
export type MeasureKind = (typeof MEASURE_KINDS)[number];

/** As kept now, whichever version kept it. */
export const currentKind = (kind: string): string =>
  WRIST_RANGES.find((range) => WRIST_RANGE_WORDS[range] === kind) ?? kind;

/** What a kind of measure is: how it is called, in what steps, what is better, and what counts as a real change. */
type MeasureFacts = {
  readonly name: string;
  readonly unit: string;
  /** How finely it is measured. */
  readonly step: number;
  /** The most of it that is believed, in its unit. */
  readonly most: number;
  readonly betterIs: 'more' | 'less';
  /** Of the person rather than of one hand. */
  readonly ofWholePerson?: true;
  /** What counts as a real change, in its unit: two steps of how finely it is measured, or what a person's own days tell. */
  readonly realChange: number | 'own days';
  /** How it is done, in a sentence. */
  readonly how: string;
};

/** Steps of a measure that are taken for no more than how it was held and read. */
export const STEPS_OF_NOISE = 2;
const steps = (step: number) => ({ step, realChange: STEPS_OF_NOISE * step }) as const;

const DEGREES = { unit: 'degrees', ...steps(5), betterIs: 'more' } as const;
const CM = { unit: 'cm', ...steps(0.5) } as const;

export const MEASURES: Readonly<Record<MeasureKind, MeasureFacts>> = {
  grip: {
    name: 'Grip',
    unit: 'kg',
    step: 0.1,
    betterIs: 'more',
    most: 120,
    realChange: 'own days',
    how: 'Seated, elbow at a right angle, forearm supported, wrist straight; three tries each hand.',
  },
  press: {
    name: 'Press on a scale',
    unit: 'kg',
    ...steps(0.5),
    betterIs: 'more',
    most: 120,
    how: 'Seated at a table, the scale before them: press with the flat hand for six seconds, breathing.',
  },
  flexion: {
    ...DEGREES,
    name: 'Wrist bend',
    most: 120,
    how: 'Forearm on the table, hand over its edge: let the hand sink as far as it goes by itself.',
  },
  extension: {
    ...DEGREES,
    name: 'Wrist bend back',
    most: 120,
    how: 'Forearm on the table, fingers loose: lift the hand as far as it goes by itself.',
  },
  radial: {
    ...DEGREES,
    name: 'Wrist toward the thumb',
    most: 60,
    how: 'Forearm and palm flat on the table: slide the hand toward the thumb.',
  },
  ulnar: {
    ...DEGREES,
    name: 'Wrist toward the little finger',
    most: 80,
    how: 'Forearm and palm flat on the table: slide the hand toward the little finger.',
  },
  'finger to palm': {
    ...CM,
    name: 'Fingertip to palm',
    betterIs: 'less',
    most: 20,
    how: 'Make a fist as far as it goes; the tip that stays furthest from the crease of the palm, 0 when all touch.',
  },
  opposition: {
    name: 'Thumb opposition',
    unit: 'of 10',
    ...steps(1),
    betterIs: 'more',
    most: 10,
    how: 'How far the tip of the thumb comes, from the side of the index finger to the crease of the palm (Kapandji 1986).',
  },
  'web span': {
    ...CM,
    name: 'Thumb web span',
    betterIs: 'more',
    most: 30,
    how: 'Open the thumb wide from the flat hand: tip of the thumb to tip of the index finger.',
  },
  'task ease': {
    name: 'Ease of the wanted task',
    unit: 'of 10',
    ...steps(1),
    betterIs: 'more',
    most: 10,
    ofWholePerson: true,
    how: 'Ask: how easy is it now? 0 cannot, 10 easy.',
  },
  'morning stiffness': {
    name: 'Morning stiffness',
    unit: 'minutes',
    ...steps(5),
    betterIs: 'less',
    most: 600,
    ofWholePerson: true,
    how: 'Ask: how long were the hands stiff this morning?',
  },
};

const HAND_WORDS = { L: ', left', R: ', right', both: '' } as const;

/** What was measured, with its hand: "Grip, left". */
export const measureName = ({ kind, hand }: Pick<Measure, 'kind' | 'hand'>): string =>
  `${MEASURES[kind].name}${HAND_WORDS[hand]}`;

/** In what a kind of measure is shown and typed. */
export const measureUnit = (kind: MeasureKind, units: Units): string => unitShown(MEASURES[kind].unit, units);

/** A value with its unit: "35 degrees", "14.5 kg", "6 of 10". */
export const measureText = (kind: MeasureKind, value: number, units: Units = METRIC): string => {
  const unit = measureUnit(kind, units);
  const shown = fieldNumber(value, MEASURES[kind].unit, units);
  return `${unit === 'in' ? shown : Number(shown.toFixed(1))} ${unit}`;
};

/** Of a step in kg or cm, the one in lb or in that is about as fine. */
const STEPS_SHOWN: Readonly<Record<string, number>> = { lb: 2, in: 0.5 };

/** A number as shown, in whole steps as they are read off; the nearest where it lies between. */
export const inSteps = (kind: MeasureKind, shown: number, units: Units = METRIC): number => {
  const { step, most, unit } = MEASURES[kind];
  const stepShown = step * (STEPS_SHOWN[measureUnit(kind, units)] ?? 1);
  const count = Math.round(Math.min(toShown(most, unit, units), Math.max(0, shown)) / stepShown);
  return Math.round(count * stepShown * 100) / 100;
};

/** Belongs to no one hand. */
export const isOfWholePerson = (kind: MeasureKind): boolean => MEASURES[kind].ofWholePerson === true;

/** What a reading was taken with: its name, and how finely it shows, in the unit of the measure. */
export const instrumentSchema = z.strictObject({
  name: z.string().trim().min(1, 'Name the instrument').max(60, 'Keep the name under 60 letters'),
  step: z.number('A step is a number').positive('A step is over 0').max(10, 'A step is at most 10'),
});
export type Instrument = Immutable<z.infer<typeof instrumentSchema>>;

/** A reading of the simulated meter or scale is marked: on data of one's own it is never taken for real, in the demo it is. */
const simulatedSchema = z.enum(['own', 'demo']);
export type Simulated = z.infer<typeof simulatedSchema>;
type MaybeSimulated = { readonly simulated?: Simulated | undefined };

/** What a reading says of how it was taken. */
export const takenWith = { simulated: simulatedSchema.optional(), instrument: instrumentSchema.optional() };

/** Whether a reading counts for what is worked out from it. */
export const isCounted = ({ simulated }: MaybeSimulated): boolean => simulated !== 'own';

/** The mark that a simulated reading carries wherever it is shown. */
export const simulatedMark = ({ simulated }: MaybeSimulated): string =>
  simulated === undefined ? '' : simulated === 'own' ? ' (simulated, not counted)' : ' (simulated)';

/** One thing measured on one day, in the unit of its kind; `both` for what is no matter of one hand. */
export const measureSchema = z
  .strictObject({
    hand: z.enum(['L', 'R', 'both']),
    kind: z.enum(MEASURE_KINDS),
    value: z
      .number('A measure is a number')
      .min(0, 'A measure is 0 or more')
      .max(600, 'That is more than can be measured'),
    on: daySchema,
    ...takenWith,
  })
  .refine((m) => m.value <= MEASURES[m.kind].most, {
    path: ['value'],
    message: 'That is more than a hand can do',
  })
  .refine((m) => (m.hand === 'both') === isOfWholePerson(m.kind), {
    path: ['hand'],
    message: 'Say which hand',
  });
export type Measure = Immutable<z.infer<typeof measureSchema>>;
