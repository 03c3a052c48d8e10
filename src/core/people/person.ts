import { z } from 'zod';
import type { Immutable } from '../frozen';
import { POSITIONS } from '../catalogue';
import { daySchema } from '../days';
import { clearanceSchema } from './clearance';
import { HAND_SPOTS } from '../hand';
import { isCounted, measureSchema, type Measure, type MeasureKind } from './measures';

/** A record holds so many measures, by whatever door they come. */
export const MAX_MEASURES = 5_000;

export const CONDITION_STATES = ['settled', 'sore', 'flare', 'not cleared'] as const;
export type ConditionState = (typeof CONDITION_STATES)[number];

const SPOT_IDS = HAND_SPOTS.map((s) => s.id) as [string, ...string[]];

const personConditionSchema = z.strictObject({
  conditionId: z.string().min(1, 'Choose a condition').max(60),
  side: z.enum(['L', 'R', 'both', 'none']),
  state: z.enum(CONDITION_STATES),
  since: daySchema.nullable(),
  /** The day its flare settled; missing where it never flared, or still does. */
  settledOn: daySchema.nullish(),
  /** Where on the hand, by the places of the hand map; none is the whole hand. */
  spots: z.array(z.enum(SPOT_IDS)).max(20, 'At most 20 places'),
});
export type PersonCondition = Immutable<z.infer<typeof personConditionSchema>>;

/** The same of one hand is measured once a day. */
function onceADay(measures: readonly Measure[], context: z.RefinementCtx<Measure[]>): void {
  const seen = new Set<string>();
  measures.forEach((m, i) => {
    const key = `${m.kind} ${m.hand} ${m.on}`;
    if (seen.has(key))
      context.addIssue({ code: 'custom', path: [i, 'on'], message: 'That day has one of these already' });
    seen.add(key);
  });
}

export const personFieldsSchema = z.strictObject({
  firstName: z
    .string()
    .trim()
    .min(1, 'A first name or nickname is needed')
    .max(40, 'Keep the name under 40 characters'),
  initial: z
    .string()
    .trim()
    .max(1, 'One letter is enough')
    .regex(/^\p{L}?$/u, 'The initial is one letter'),
  dominantHand: z.enum(['L', 'R']),
  screened: z.boolean(),
  /** 0 independent, 1 reminded, 2 light help placing the hand, 3 supported throughout. */
  assistance: z.number().int().min(0, 'Assistance is 0 to 3').max(3, 'Assistance is 0 to 3'),
  wantedTask: z.string().trim().max(120, 'Keep the task under 120 characters'),
  notes: z.string().trim().max(1000, 'Keep notes under 1,000 characters'),
  /** Whom to call if something happens, with a number. */
  contact: z.string().trim().max(120, 'Keep the contact under 120 characters').optional(),
  /** The day on which they agreed to this record; missing where nobody asked. */
  agreedOn: daySchema.nullish(),
  /** Where they are comfortable; the floor only when somebody switched it on. */
  positions: z.array(z.enum(POSITIONS)).min(1, 'Choose at least one position'),
  /** Props they must not or will not use, by id. */
  propsOut: z.array(z.string().min(1).max(60)).max(40),
  /** Props, or something in their place, that they have at home, by id. */
  propsHome: z.array(z.string().min(1).max(60)).max(40).optional(),
  measures: z.array(measureSchema).max(MAX_MEASURES, 'At most 5,000 measures').superRefine(onceADay),
  /** Height and mass, for the weight through the hands; left out where nobody said. */
  heightCm: z
    .number('Height is a number')
    .int('Height is in whole centimetres')
    .min(100, 'Height is at least 100 cm (39 in)')
    .max(220, 'Height is at most 220 cm (86 in)')
    .optional(),
  massKg: z
    .number('Mass is a number')
    .min(25, 'Mass is at least 25 kg (55 lb)')
    .max(250, 'Mass is at most 250 kg (551 lb)')
    .optional(),
  conditions: z.array(personConditionSchema).max(20, 'At most 20 conditions'),
  clearances: z.array(clearanceSchema).max(10, 'At most 10 clearances'),
});
export type PersonFields = Immutable<z.infer<typeof personFieldsSchema>>;

/** Somebody of whom nothing is known but the name: not screened, so everything at its gentlest. */
export const nobodyKnown = (name: Pick<PersonFields, 'firstName' | 'initial'>): PersonFields => ({
  ...name,
  dominantHand: 'R',
  screened: false,
  assistance: 0,
  wantedTask: '',
  notes: '',
  conditions: [],
  clearances: [],
  positions: ['chair', 'table'],
  propsOut: [],
  measures: [],
});

export type Person = PersonFields & { readonly id: string; readonly archived: boolean };

export const fullName = (p: Pick<Person, 'firstName' | 'initial'>): string =>
  p.initial ? `${p.firstName} ${p.initial}` : p.firstName;

/** What older records do not say yet. */
export const RECORD_DEFAULTS = {
  positions: ['chair', 'table'] as Person['positions'],
  propsOut: [] as string[],
  measures: [] as Measure[],
};

/** The newest value measured, or null. */
export function latestMeasure(
  person: Pick<PersonFields, 'measures'>,
  hand: Measure['hand'],
  kind: MeasureKind,
): number | null {
  const found = person.measures.filter((m) => m.hand === hand && m.kind === kind && isCounted(m));
  return [...found].sort((a, b) => b.on.localeCompare(a.on))[0]?.value ?? null;
}

/** People at assistance 3 need a helper each; at 2, one helper can place the hands of two. */
export function helpersNeeded(people: readonly Pick<Person, 'assistance'>[]): number {
  const level = (n: number) => people.filter((p) => p.assistance === n).length;
  return level(3) + Math.ceil(level(2) / 2);
}
