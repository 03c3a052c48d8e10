export const PAPERS = ['A4', 'Letter'] as const;
export type Paper = (typeof PAPERS)[number];

/** Width and height, pt. */
export const PAPER_SIZES: Readonly<Record<Paper, readonly [number, number]>> = {
  A4: [595.28, 841.89],
  Letter: [612, 792],
};

/** On every side of a page that is printed; app/globals.css says the same to a browser. */
export const PAGE_MARGIN_MM = 10;

const PT_PER_MM = 72 / 25.4;
export const PAGE_MARGIN_PT = PAGE_MARGIN_MM * PT_PER_MM;
