/** Load of a class for one person: effort of ten times its minutes (Foster et al. 2001). Null where nobody said how hard it was. */
export const sessionLoad = (effortOf10: number | null, minutes: number): number | null =>
  effortOf10 === null ? null : effortOf10 * minutes;
