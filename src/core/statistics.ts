/** Means and middles of a few numbers; none of them takes an empty list. */
export const mean = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / values.length;

/** The middle one in order, or halfway between the two in the middle. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}

/** Of a sample: the squares of the distances from the mean over one less than their number. Needs two. */
export function variance(values: readonly number[]): number {
  const middle = mean(values);
  return values.reduce((n, v) => n + (v - middle) ** 2, 0) / (values.length - 1);
}

/** The value under which so large a share of the numbers lies, between the two nearest; `share` 0 to 1. */
export function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (sorted.length - 1) * share;
  const [under, over] = [sorted[Math.floor(at)]!, sorted[Math.ceil(at)]!];
  return under + (over - under) * (at - Math.floor(at));
}
