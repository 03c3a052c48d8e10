import type { Prop } from '@/core/catalogue/movement';

const prop = (
  id: string,
  name: string,
  plural: string,
  substitute: string,
  rest: Partial<Prop> = {},
): Prop => ({
  id,
  name,
  plural,
  substitute,
  latex: false,
  squareEdged: false,
  ...rest,
});

export const PROPS: readonly Prop[] = [
  prop('foam-ball', 'foam ball', 'foam balls', 'a rolled pair of socks'),
  prop('cloth', 'cotton cloth', 'cotton cloths', 'a tea towel'),
  prop('fabric-loop', 'fabric loop', 'fabric loops', 'two hair ties'),
  prop('rubber-band', 'broad rubber band', 'broad rubber bands', 'a fabric loop', { latex: true }),
  prop('seed-tub', 'lidded seed tub', 'lidded seed tubs', 'a clean jar with a lid'),
  prop('soft-ring', 'soft ring', 'soft rings', 'a folded sponge'),
  prop('putty', 'lump of putty', 'lumps of putty', 'warm bread dough'),
  prop('tin', 'small tin', 'small tins', 'a half-filled water bottle'),
  prop('peg', 'wide peg', 'wide pegs', 'a folded card'),
  prop('dome', 'textured dome', 'textured domes', 'a folded face cloth'),
];
