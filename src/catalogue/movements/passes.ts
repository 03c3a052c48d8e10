import { EACH_WAY, type Pass } from '@/core/dose';

export { EACH_WAY };

/** The same in several hand positions. */
export const positions = (...names: readonly string[]): readonly Pass[] => names.map((name) => ({ name }));

/** One way, and the same backwards. */
export const reversing = (there: string, back: string): readonly Pass[] => [
  { name: there },
  { name: back, reversed: true },
];

/** The hands change places or jobs. */
export const swapped = (first: string, second: string): readonly Pass[] => [
  { name: first },
  { name: second, swapped: true },
];

/** Interlaced fingers: most people always put the same thumb in front. */
export const EITHER_THUMB = swapped('your usual thumb in front', 'the other thumb in front');

/** Circles of interlaced hands, each way with either thumb in front. */
export const eachWayAndThumb = (): readonly Pass[] => [
  ...EACH_WAY,
  ...EACH_WAY.map((way) => ({ ...way, name: `other thumb in front, ${way.name}`, swapped: true as const })),
];
