export const PAPERS = ['A4', 'Letter'] as const;
export type Paper = (typeof PAPERS)[number];

/** Width and height, pt. */
export const PAPER_SIZES: Readonly<Record<Paper, readonly [number, number]>> = {
  A4: [595.28, 841.89],
  Letter: [612, 792],
};
