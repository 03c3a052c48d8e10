import { movement } from './entry';
import { ALL_DIGITS, free, reps, rounds } from './doses';
import { EACH_WAY, swapped } from './passes';

const split = {
  purpose: 'glide',
  section: 'move',
  effort: 'coordination',
  effortOf10: 1,
  traits: ['long sequence'],
} as const;

export const coordination = [
  movement({
    ...split,
    id: 'split-hands',
    name: 'One hand bends while the other sways',
    what: 'One hand moves up and down while the other moves side to side; then they swap.',
    joints: ['wrist'],
    dose: reps([5, 10], 2_000, { passes: swapped('right hand up and down', 'left hand up and down') }),
    easier: [
      ['coordination', 'one hand alone, then the other'],
      ['tempo', 'four seconds each'],
    ],
    stronger: [['coordination', 'swap every four']],
    cues: ['Slow enough to smile about', 'Watch one hand only'],
    watch: ['Breath stopping'],
  }),
  movement({
    ...split,
    id: 'taps-opposed',
    name: 'Taps in opposing order',
    what: 'One hand taps from thumb to little finger while the other taps from little finger to thumb; then they swap.',
    joints: ['fingers', 'thumb'],
    dose: rounds([2, 4], ALL_DIGITS, 1_000, {
      passes: swapped('right hand from the thumb', 'left hand from the thumb'),
    }),
    follows: ['finger-taps'],
    easier: [
      ['coordination', 'both hands in the same order'],
      ['tempo', 'two seconds a finger'],
    ],
    stronger: [['tempo', 'half a second a finger']],
    cues: ['Start slow, then a little quicker', 'Losing the order is part of it'],
    watch: ['Jaw setting', 'Breath stopping'],
  }),
  movement({
    ...split,
    id: 'pass-to-music',
    name: 'Pass to the music',
    what: 'A light object goes from hand to hand on the beat: to the other palm, back, and round.',
    joints: ['fingers', 'wrist', 'shoulder'],
    propId: 'light-object',
    noProp: 'Clap palm to palm softly in the same pattern.',
    dose: free(15_000, { passes: EACH_WAY }),
    lengthMs: [15_000, 60_000],
    easier: [
      ['tempo', 'every second beat'],
      ['coordination', 'to the other palm and back only'],
    ],
    stronger: [['coordination', 'pass it to the neighbour on the eighth beat']],
    cues: ['Palm to palm, no pinching', 'Let the music do the counting'],
    watch: ['Gripping hard', 'Leaning out of the chair'],
  }),
];
