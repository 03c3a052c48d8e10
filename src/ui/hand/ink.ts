import type { Ink } from '@/core/draw';

/** In the evening a figure keeps dark outlines, though ink is light then, and its sleeves stand out from the ground. */
const OF_FIGURES: Partial<Record<Ink, string>> = { ink: 'outline', paper: 'sleeve' };

/** The design token that an ink of a figure is painted in. */
export const tokenOf = (ink: Ink): string => `--color-${OF_FIGURES[ink] ?? ink}`;

const INKS: readonly Ink[] = [
  'ink',
  'skin',
  'nail',
  'prop',
  'ground',
  'cloth',
  'hair',
  'skin-2',
  'skin-3',
  'hair-2',
  'paper',
  'linen',
  'glide',
];

/** The colours of the page as it looks now, by ink, for what is not painted by the page itself. */
export function inkColours(): Readonly<Record<Ink, string>> {
  const style = getComputedStyle(document.documentElement);
  return Object.fromEntries(INKS.map((ink) => [ink, style.getPropertyValue(tokenOf(ink)).trim()])) as Record<
    Ink,
    string
  >;
}
