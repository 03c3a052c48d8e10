/** Kilograms in a step of the value: of a scale that is set to kilograms, and to pounds. */
const [KG_STEP, LB_STEP, KG_IN_LB] = [0.005, 0.01, 0.453_592_37];
const IN_POUNDS = 1;
const UNSUCCESSFUL = 0xffff;

/**
 * Kilograms in a message of the open weight-scale service (characteristic 2A9D): flags, then the weight, low byte first. Null where the
 * scale says that it could not weigh, or the message is none.
 */
export function weightMeasured(message: Uint8Array): number | null {
  const [flags, low, high] = message;
  if (flags === undefined || low === undefined || high === undefined) return null;
  const value = low + high * 256;
  if (value === UNSUCCESSFUL) return null;
  return (flags & IN_POUNDS) === 0 ? value * KG_STEP : value * LB_STEP * KG_IN_LB;
}
