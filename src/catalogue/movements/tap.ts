import type { Entry } from './entry';
import { movement } from './entry';
import { reps } from './doses';
import { EITHER_THUMB, swapped } from './passes';

/** One counted series: each tap is light and quick, twenty to forty times. */
const taps = (
  entry: Pick<Entry, 'id' | 'name' | 'what' | 'joints'> & Partial<Pick<Entry, 'traits' | 'dose' | 'watch'>>,
) =>
  movement({
    purpose: 'load',
    also: ['glide'],
    section: 'load',
    effort: 'tap',
    effortOf10: 2,
    dose: reps([20, 40], 600),
    phases: { work: 'tap', back: 'part', workShare: 0.5, breath: 'as it comes' },
    easier: [
      ['resistance', 'soft pats'],
      ['tempo', 'one a second'],
    ],
    stronger: [['count', 'forty']],
    cues: ['Light as rain, never a blow', 'Rings off, wrists loose'],
    watch: ['Taps growing harder', 'Skin reddening'],
    ...entry,
  });

export const tap = [
  taps({
    id: 'tap-little-edges',
    name: 'Taps, little-finger edges',
    what: 'The little-finger edges of both hands tap together.',
    joints: ['wrist', 'forearm'],
  }),
  taps({
    id: 'tap-inner-wrists',
    name: 'Taps, inner wrists',
    what: 'The heels of the hands and inner wrists tap together.',
    traits: ['taps on the wrist'],
    joints: ['wrist'],
  }),
  taps({
    id: 'tap-thumb-wrists',
    name: 'Taps, thumb-side wrists',
    what: 'The thumb sides of the wrists tap together, palms down.',
    traits: ['taps on the thumb side'],
    joints: ['wrist'],
  }),
  taps({
    id: 'tap-knuckles',
    name: 'Taps, knuckles into the palm',
    what: 'The knuckles of a loose fist tap into the other palm; then the hands change over.',
    joints: ['fingers', 'wrist'],
    traits: ['knuckle taps'],
    dose: reps([20, 40], 600, { sides: 'each' }),
    watch: ['Fist clenching', 'Sore knuckles'],
  }),
  taps({
    id: 'tap-backs',
    name: 'Taps, backs of the hands',
    what: 'The back of one hand taps on the back of the other; then the other on top.',
    joints: ['wrist', 'fingers'],
    dose: reps([20, 40], 600, { passes: swapped('right hand on top', 'left hand on top') }),
  }),
  taps({
    id: 'tap-webs',
    name: 'Taps, thumb webs crossed',
    what: 'The webs between thumb and index cross and tap together; then the other hand in front.',
    traits: ['taps on the thumb side'],
    joints: ['thumb'],
    dose: reps([20, 40], 600, { passes: swapped('right hand in front', 'left hand in front') }),
    watch: ['Thumb pain at its base'],
  }),
  taps({
    id: 'tap-interlaced',
    name: 'Taps, fingers interlaced',
    what: 'Spread the fingers and tap them lightly into the gaps of the other hand; then change which thumb is in front.',
    joints: ['fingers'],
    traits: ['interlaced'],
    dose: reps([20, 40], 600, { passes: EITHER_THUMB }),
    watch: ['Rings still on', 'Fingers jarred'],
  }),
];
