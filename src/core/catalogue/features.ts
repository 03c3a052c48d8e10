/** Features that a caution can speak of, so that new movements are judged without being named. */
export const TRAITS = [
  'long tight pinch',
  'side pinch',
  'twisting against force',
  'little-finger drift',
  'knuckle taps',
  'weight on folded fingers',
  'rolls over the knuckles',
  'wrist folded at its end',
  'weight on the heel of the hand',
  'firm squeeze',
  'passive',
  'rubbing',
  'tight loops',
  'interlaced',
  'arms above chest',
  'trunk bend',
  'breath held easily',
  'long sequence',
  'thumb in the grip',
  'fingers drawn straight',
  'opens the hand',
  'backs of the hands stretched',
  'loose shake',
  'looks at the hands',
  'impact',
  'clip on skin',
  'finger drawn back',
  'low reach',
  'weight overhead',
  'neck turn',
  'eyes closed',
  'arms crossed high',
  'head low',
  'cold prop',
  'magnet near the chest',
  'thumb forced out',
  'thumb in the fist, bent sideways',
  'tendon glide',
  'given by a helper',
  'warm item',
  'small hard prop',
  'pressure on the skin',
  'taps on the wrist',
  'taps on the thumb side',
  'trunk under load',
  'strokes away from the body',
  'arms rise',
] as const;
export type Trait = (typeof TRAITS)[number];

/** What the two hands do: each by itself; one works and the other helps it; both at one thing; both under one weight. */
export const HANDS = ['apart', 'helped', 'joined', 'sharing'] as const;
export type Hands = (typeof HANDS)[number];

/** What a helping hand does to the one that works. */
export const HELPS = ['draws', 'resists', 'strokes', 'steadies'] as const;
export type Help = (typeof HELPS)[number];

export const POSITIONS = ['chair', 'table', 'standing', 'floor'] as const;
export type Position = (typeof POSITIONS)[number];
