import type { Purpose } from '../catalogue';
import type { CordInk } from '../cord';
import type { Ink } from '../draw';

/** The purposes of movements, as on the screen; dark enough that they stay apart on a copier too. */
const PURPOSES: Readonly<Record<Purpose, string>> = {
  glide: '#17646c',
  hold: '#67467a',
  grip: '#8f4d00',
  load: '#942b1f',
  ease: '#4c5a24',
};

/** Ink on paper: black on white, skin and props in light greys that survive a copier. */
export const PRINT_INK: Readonly<Record<Ink | CordInk | 'line', string>> = {
  ...PURPOSES,
  ink: '#000000',
  soft: '#222222',
  paper: '#ffffff',
  linen: '#ffffff',
  skin: '#f3f3f3',
  nail: '#ffffff',
  prop: '#c4c4c4',
  ground: '#dddddd',
  cloth: '#b4b4b4',
  hair: '#d0d0d0',
  'skin-2': '#e2e2e2',
  'skin-3': '#c8c8c8',
  'hair-2': '#8a8a8a',
  line: '#bbbbbb',
};
