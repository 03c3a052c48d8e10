/** Someone's first classes of a series: four weeks at one class a week. */
export const FIRST_CLASSES = 4;

/**
 * Shares of the grip that should and must be left. A counted squeeze is half rest, so that the model levels off at 0.81 for an effort of 4
 * of 10 and at 0.67 for any effort: lines under that could never speak. Ours.
 */
export const GRIP_LEFT = { should: 0.8, must: 0.6 } as const;
