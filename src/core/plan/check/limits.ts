/** Someone's first classes of a series: four weeks at one class a week. */
export const FIRST_CLASSES = 4;
