import type { Movement } from '@/core/catalogue';

type Other = Partial<Pick<Movement, 'alsoWith' | 'aids'>>;

const balls = ['rubber-ball', 'silicone-egg', 'sponge'] as const;
const towel = ['hand-towel'] as const;

/** What a movement is done with as well, in place of its usual prop, and what may be used beside it. */
export const OTHER_PROPS: Readonly<Record<string, Other>> = {
  'ball-squeeze': { alsoWith: balls },
  'ball-flat-fingers': { alsoWith: balls },
  'ball-each-finger': { alsoWith: balls },
  'ball-roll-palms': { alsoWith: ['rubber-ball', 'silicone-egg'] },
  'ring-squeeze': { alsoWith: ['foam-ball', ...balls] },
  'web-over-ball': { alsoWith: ['rubber-ball'], aids: ['rounded-stick'] },
  'spread-then-grip': { aids: ['foam-ball', 'silicone-egg'] },
  'cloth-walk': { alsoWith: towel },
  'cloth-wring': { alsoWith: ['hand-towel', 'sponge'] },
  'cloth-elbows': { alsoWith: ['hand-towel', 'rounded-stick'] },
  'cloth-pull': { alsoWith: towel },
  'tub-lid': { aids: ['grippy-pad'] },
  'jar-open': { aids: ['grippy-pad', 'cloth'] },
  'turn-key': { aids: ['cloth'] },
  'part-peels': { aids: ['grippy-pad', 'cloth'] },
  'loop-spread': { alsoWith: ['rubber-band', 'finger-straps'], aids: ['cotton-glove'] },
  'band-spread': { alsoWith: ['fabric-loop'], aids: ['cotton-glove'] },
  'strap-spread': { alsoWith: ['fabric-loop'], aids: ['cotton-glove'] },
  'strap-thumb-each': { alsoWith: ['fabric-loop'], aids: ['cotton-glove'] },
  'tin-lift': { alsoWith: ['bottle', 'wrist-weight'] },
  'weight-curl': { alsoWith: ['tin', 'bottle'] },
  'weight-back-lift': { alsoWith: ['tin', 'bottle'] },
  'carry-sides': { alsoWith: ['light-object', 'tin'] },
  'carry-over': { alsoWith: ['bottle', 'tin'] },
  'carry-eight': { alsoWith: ['bottle', 'tin'] },
  'carry-shoulders': { alsoWith: ['bottle', 'tin'] },
  'shelf-reach': { alsoWith: ['bottle', 'tin'] },
  'dome-press': { aids: ['cotton-glove'] },
  'drops-table': { aids: ['hand-towel', 'cloth'] },
  'drops-cushion': { aids: ['hand-towel'] },
};
