import type { TaskLine } from '@/core/draft';

const line = (words: string, movementIds: string): TaskLine => ({
  words: words.split(' '),
  movementIds: movementIds.split(' '),
});

/** Everyday tasks by what the hands do in them. */
export const TASKS: readonly TaskLine[] = [
  line('tap taps', 'stiff-tap'),
  line('key keys lock', 'turn-key'),
  line('jar jars bottle', 'jar-open'),
  line('tub tubs lid lids tin tins', 'tub-lid jar-open'),
  line('secateurs scissors shears squeeze', 'ball-squeeze ring-squeeze'),
  line('can cans watering pan pans kettle pot pots', 'pan-lift tin-lift'),
  line('carry cup cups bag bags tray', 'carry-sides carry-over'),
  line('seedlings seeds needle thread sew', 'peg-tip-pinch putty-pinch'),
  line('button buttons coat shirt zip tie', 'thumb-to-tips peg-tip-pinch'),
  line('write writing pen labels letters', 'peg-three-point thumb-to-tips'),
  line('peg pegs washing laundry', 'peg-tip-pinch cloth-wring'),
  line('wring cloth mop', 'cloth-wring'),
  line('barrow push door', 'wall-lean palms-press'),
  line('shelf cupboard', 'shelf-reach'),
  line('book books cards newspaper', 'peg-three-point fingers-part'),
  line('peel peeling potatoes saw', 'ring-squeeze palms-turn'),
  line('piano type typing', 'finger-taps air-play'),
];
