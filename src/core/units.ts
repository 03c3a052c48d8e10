export const MASS_UNITS = ['kg', 'lb'] as const;
export const LENGTH_UNITS = ['cm', 'in'] as const;

/** In what weights, forces on a scale and lengths are shown and typed. Everything is kept, worked out and written to files in kg and cm. */
export type Units = {
  readonly mass: (typeof MASS_UNITS)[number];
  readonly length: (typeof LENGTH_UNITS)[number];
};
export const METRIC: Units = { mass: 'kg', length: 'cm' };

/** The international pound and inch of 1959, both exact. */
const KG_PER_LB = 0.45359237;
const CM_PER_IN = 2.54;

/** As a unit is called by these units: kg may be lb, cm may be in; every other stays as it is. */
export const unitShown = (kept: string, units: Units): string =>
  kept === 'kg' ? units.mass : kept === 'cm' ? units.length : kept;

const keptPerShown = (kept: string, units: Units): number => {
  const shown = unitShown(kept, units);
  return shown === kept ? 1 : shown === 'lb' ? KG_PER_LB : CM_PER_IN;
};

/** A number kept in `kept`, as these units show it. */
export const toShown = (value: number, kept: string, units: Units): number =>
  value / keptPerShown(kept, units);

/** What was typed in these units, in the unit in which it is kept; to a hundredth, so that it reads the same again. */
export const fromShown = (shown: number, kept: string, units: Units): number => {
  const per = keptPerShown(kept, units);
  return per === 1 ? shown : Math.round(shown * per * 100) / 100;
};

/** "14.5 kg" or "32.0 lb", to so many digits after the point. */
export const amountText = (value: number, kept: 'kg' | 'cm', units: Units, digits = 1): string =>
  `${amount(value, kept, units, digits)} ${unitShown(kept, units)}`;

/** A number as it is shown in a field, to as many digits as survive being kept: 143 typed in lb reads 143 again. */
export const fieldNumber = (value: number, kept: string, units: Units, whole = false): number => {
  const shownIn = unitShown(kept, units);
  const digits = shownIn === kept || shownIn === 'in' ? 2 : 1;
  return Number(toShown(value, kept, units).toFixed(whole ? 0 : digits));
};

/** The number alone, where its unit stands elsewhere. */
export const amount = (value: number, kept: 'kg' | 'cm', units: Units, digits = 1): string =>
  toShown(value, kept, units).toFixed(digits);
