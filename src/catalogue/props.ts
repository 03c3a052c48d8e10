import type { ForceLine, Prop } from '@/core/catalogue';

/**
 * Force lines are cautious planning figures for everyday pieces, not measurements of one make;
 * foam and rubber stiffen as they close. An instructor's own measurement comes before them.
 */
const SOFT_FOAM: ForceLine = [
  [0, 0],
  [0.25, 8],
  [0.5, 18],
  [0.75, 42],
];
const FIRM_FOAM: ForceLine = [
  [0, 0],
  [0.25, 20],
  [0.5, 45],
  [0.75, 95],
];
const SOFT_RUBBER: ForceLine = [
  [0, 0],
  [0.25, 25],
  [0.5, 60],
  [0.75, 120],
];

type Grades = Readonly<Record<string, ForceLine | null>>;

const prop = (
  id: string,
  name: string,
  plural: string,
  substitute: string,
  grades: Grades,
  rest: Partial<Prop> = {},
): Prop => ({
  id,
  name,
  plural,
  substitute,
  grades: Object.entries(grades).map(([grade, forceLine]) => ({ name: grade, forceLine })),
  latex: false,
  cleaning: 'wiped between people',
  edge: 'soft',
  prepareMs: 0,
  exposes: [],
  ...rest,
});

const rubber = { latex: true } as const;
const washed = { cleaning: 'washed after class' } as const;
const own = { cleaning: 'one each, not shared' } as const;
const rounded = { edge: 'rounded' } as const;
const cold = { ...rounded, exposes: ['cold prop'] } as const;
const small = { ...rounded, exposes: ['small hard prop'] } as const;

export const PROPS: readonly Prop[] = [
  prop('foam-ball', 'foam ball', 'foam balls', 'a rolled pair of socks', {
    soft: SOFT_FOAM,
    firm: FIRM_FOAM,
  }),
  prop('rubber-ball', 'rubber ball', 'rubber balls', 'a foam ball', { soft: SOFT_RUBBER }, rubber),
  prop('silicone-egg', 'silicone egg', 'silicone eggs', 'a folded sponge', {
    soft: [
      [0, 0],
      [0.25, 15],
      [0.5, 35],
      [0.75, 70],
    ],
    firm: [
      [0, 0],
      [0.25, 30],
      [0.5, 75],
      [0.75, 150],
    ],
  }),
  prop(
    'cloth',
    'cotton cloth',
    'cotton cloths',
    'a tea towel',
    { 'thin and dry': null, thick: null, damp: null },
    washed,
  ),
  prop(
    'fabric-loop',
    'fabric loop',
    'fabric loops',
    'two hair ties without latex',
    {
      loose: [
        [0, 0],
        [0.5, 3],
        [1, 6],
      ],
      snug: [
        [0, 0],
        [0.5, 6],
        [1, 12],
      ],
    },
    washed,
  ),
  prop(
    'rubber-band',
    'broad rubber band',
    'broad rubber bands',
    'a fabric loop',
    {
      one: [
        [0, 0],
        [0.5, 5],
        [1, 10],
      ],
      two: [
        [0, 0],
        [0.5, 10],
        [1, 20],
      ],
    },
    rubber,
  ),
  prop(
    'finger-straps',
    'set of finger straps',
    'sets of finger straps',
    'three hair ties without latex',
    {
      soft: [
        [0, 0],
        [0.5, 6],
        [1, 14],
      ],
      firm: [
        [0, 0],
        [0.5, 12],
        [1, 28],
      ],
    },
    rubber,
  ),
  prop('seed-tub', 'lidded seed tub', 'lidded seed tubs', 'a clean jar with a lid', { loose: null }, rounded),
  prop('soft-ring', 'soft ring', 'soft rings', 'a folded sponge', {
    soft: [
      [0, 0],
      [0.25, 12],
      [0.5, 30],
      [0.75, 65],
    ],
    firm: [
      [0, 0],
      [0.25, 25],
      [0.5, 60],
      [0.75, 130],
    ],
  }),
  prop(
    'putty',
    'lump of putty',
    'lumps of putty',
    'warm bread dough',
    { soft: null, firm: null },
    { ...own, prepareMs: 30_000, exposes: ['warm item'] },
  ),
  prop(
    'tin',
    'small tin',
    'small tins',
    'a half-filled water bottle',
    { empty: null, '200 g': null, '400 g': null },
    cold,
  ),
  prop('bottle', 'water bottle', 'water bottles', 'a small tin', { 'half full': null, full: null }, cold),
  prop(
    'wrist-weight',
    'small hand weight',
    'small hand weights',
    'a half-filled water bottle',
    { '0.5 kg': null, '1 kg': null },
    cold,
  ),
  prop('pan', 'small pan', 'small pans', 'a mug', { empty: null, 'with a cup of rice in it': null }, cold),
  prop(
    'peg',
    'wide peg',
    'wide pegs',
    'a folded card',
    {
      light: [
        [0, 0],
        [0.5, 4],
        [1, 8],
      ],
      strong: [
        [0, 0],
        [0.5, 9],
        [1, 18],
      ],
    },
    small,
  ),
  prop(
    'broad-clip',
    'broad round clip',
    'broad round clips',
    'the thumb and fingers of the other hand',
    { light: null },
    small,
  ),
  prop('dome', 'textured dome', 'textured domes', 'a folded face cloth', { soft: null }, rounded),
  prop(
    'thick-handle',
    'thick handle',
    'thick handles',
    'a wooden spoon wrapped in a cloth',
    { light: null },
    small,
  ),
  prop(
    'rounded-stick',
    'rounded stick',
    'rounded sticks',
    'the handle of a wooden spoon',
    { light: null },
    rounded,
  ),
  prop('grippy-pad', 'grippy pad', 'grippy pads', 'a damp cloth', { thin: null }, { ...washed, ...rubber }),
  prop('cushion', 'firm cushion', 'firm cushions', 'a folded blanket', { firm: null }, washed),
  prop('light-object', 'bean bag', 'bean bags', 'a rolled pair of socks', { light: null }, washed),
  prop('sponge', 'bath sponge', 'bath sponges', 'a folded face cloth', { soft: SOFT_FOAM }, own),
  prop('cotton-glove', 'cotton glove', 'cotton gloves', 'a clean sock over the hand', { thin: null }, own),
  prop('hand-towel', 'hand towel', 'hand towels', 'a scarf', { thin: null, thick: null }, washed),
];
