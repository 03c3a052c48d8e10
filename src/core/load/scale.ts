/** A bathroom scale: what it shows at a moment, kilograms. */
export type ScaleReading = { readonly atMs: number; readonly kg: number };

/** What somebody does with a simulated scale. */
export type ScalePush = {
  /** What is truly put on it, kilograms. */
  readonly kg: number;
  /** What it shows with nothing on it. */
  readonly zeroKg: number;
  /** How far the press sways, as a share of itself. */
  readonly sway: number;
};

/** Nothing is on the scale for this long, then the press comes on and settles. */
export const BEFORE_MS = 1_500;
const COMES_ON_MS = 900;
/** What a scale does not tell apart. */
const GRAIN_KG = 0.1;

/** A simulated reading: zero error, the press coming on, two slow sways and the scale's own grain. */
export function simulatedKg({ kg, zeroKg, sway }: ScalePush, atMs: number): number {
  const since = atMs - BEFORE_MS;
  const on = since <= 0 ? 0 : 1 - Math.exp(-since / (COMES_ON_MS / 3));
  const swaying = Math.sin(since / 410) * 0.6 + Math.sin(since / 1_130 + 1) * 0.4;
  const shown = zeroKg + kg * on * (1 + (since <= 0 ? 0 : sway * swaying));
  return Math.max(0, Math.round(shown / GRAIN_KG) * GRAIN_KG);
}

/** A press read off a scale. */
export type ReadPush = {
  readonly kg: number;
  /** The scale's own zero, taken off. */
  readonly zeroKg: number;
  /** Standard deviation as a share of the press. */
  readonly sway: number;
  readonly trouble: 'no press' | 'unsteady' | null;
};

const STEADY_MS = 3_000;
const MIN_KG = 0.5;
const MAX_SWAY = 0.12;

/** The steady part of a press: the mean of its last three seconds, less what the scale showed before anything was on it. */
export function readPush(readings: readonly ScaleReading[]): ReadPush {
  const none = { kg: 0, zeroKg: 0, sway: 0, trouble: 'no press' } as const;
  const last = readings.at(-1);
  if (!last) return none;
  const before = readings.filter((r) => r.atMs < BEFORE_MS);
  const zeroKg = mean(before.map((r) => r.kg));
  const steady = readings.filter((r) => r.atMs > Math.max(BEFORE_MS + COMES_ON_MS, last.atMs - STEADY_MS));
  const kgs = steady.map((r) => r.kg - zeroKg);
  const kg = mean(kgs);
  if (kgs.length === 0 || kg < MIN_KG) return { ...none, zeroKg };
  const sway = Math.sqrt(mean(kgs.map((k) => (k - kg) ** 2))) / kg;
  return { kg, zeroKg, sway, trouble: sway > MAX_SWAY ? 'unsteady' : null };
}

/** Why a press does not count, in words; null where it does. */
export function pushTrouble({ trouble, sway }: ReadPush): string | null {
  if (trouble === 'no press') return 'Nothing was pressed. Try again once the scale shows its zero.';
  if (trouble === 'unsteady')
    return `It swayed by ${Math.round(sway * 100)} %, too much to read: press more steadily.`;
  return null;
}

const mean = (values: readonly number[]): number =>
  values.length === 0 ? 0 : values.reduce((a, b) => a + b, 0) / values.length;
