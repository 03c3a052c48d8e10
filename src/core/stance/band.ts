/** A share of body weight with its bounds. */
export type Band = { readonly low: number; readonly middle: number; readonly high: number };

/** Published figures of one set-up differ by so much either way (Ebben 2011, Suprak 2011): no band says less. */
const PUBLISHED_SPREAD = 0.03;

/** The band between two bounds, no narrower than what is published and never over the weight that is there; nothing is nothing. */
export function between(a: number, b: number, most: number): Band {
  const middle = Math.min((a + b) / 2, most);
  if (middle <= 0) return { low: 0, middle: 0, high: 0 };
  return {
    low: Math.max(0, Math.min(a, b, middle - PUBLISHED_SPREAD)),
    middle,
    high: Math.min(most, Math.max(a, b, middle + PUBLISHED_SPREAD)),
  };
}

/** What goes straight down through the wrists is what a scale reads; `spread` is a share of it either way. */
export function straightDown(
  share: number,
  spread: number,
  most: number,
): { readonly scale: Band; readonly wrist: Band } {
  const band = between(share * (1 - spread), share * (1 + spread), most);
  return { scale: band, wrist: band };
}

/** Too near to each other to say which asks more. */
export const isAboutTheSame = (a: Band, b: Band): boolean => a.low <= b.high && b.low <= a.high;
