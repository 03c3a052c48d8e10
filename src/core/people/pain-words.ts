/** Pain of the left and the right hand as it was told: "2, 4"; a hand that was not asked is a dash. */
export const painPair = ([left, right]: readonly [number | null, number | null]): string =>
  left === null && right === null ? 'not said' : `${left ?? '–'}, ${right ?? '–'}`;
