import { doseOf } from '@/core/dose';
import { movement } from './entry';
import { holds } from './doses';
import { positions, swapped } from './passes';

const held = { purpose: 'hold', section: 'hold', effort: 'isometric', effortOf10: 3 } as const;
const push = {
  ...held,
  joints: ['wrist'],
  lengthMs: [3_000, 8_000],
  phases: { work: 'push', back: 'let go', workShare: 0.6, breath: 'out, then in' },
} as const;

export const hold = [
  movement({
    ...push,
    id: 'wrist-up-hold',
    name: 'Wrist up against the other hand',
    what: 'Forearm on the thigh, wrist straight; the back of the hand pushes up into the other palm and nothing moves.',
    dose: doseOf(
      { mode: 'hold', holds: 3, holdMs: 5_000, relaxMs: 3_000 },
      { sides: 'each', fewest: 3, most: 5 },
    ),
    easier: [
      ['resistance', 'push with one finger’s weight'],
      ['support', 'the other forearm resists, if both wrists are sore'],
    ],
    stronger: [['count', 'five holds']],
    cues: ['Balanced push, no movement', 'Count aloud to keep breathing'],
    watch: ['Breath held', 'Shoulders rising'],
  }),
  movement({
    ...push,
    id: 'wrist-down-hold',
    name: 'Wrist down against the other hand',
    what: 'Forearm on the thigh, fingers open; the palm presses down into the other palm and nothing moves.',
    dose: holds([3, 5], 5_000, 3_000, { sides: 'each' }),
    easier: [
      ['resistance', 'press with one finger’s weight'],
      ['support', 'press into the thigh instead'],
    ],
    stronger: [['count', 'five holds']],
    cues: ['Fingers stay open', 'Press as you breathe out'],
    watch: ['Fingers curling', 'Breath held'],
  }),
  movement({
    ...push,
    id: 'wrist-side-hold',
    name: 'Wrist sideways against the other hand',
    what: 'The hand stands on its side; the thumb side pushes up into the other palm, then the little-finger side pushes down.',
    dose: holds([2, 4], 5_000, 3_000, {
      sides: 'each',
      passes: positions('toward the thumb', 'toward the little finger'),
    }),
    traits: ['little-finger drift'],
    easier: [
      ['resistance', 'push with one finger’s weight'],
      ['range', 'thumb side only', { lifts: ['little-finger drift'] }],
    ],
    stronger: [['count', 'five holds']],
    cues: ['No movement, only a steady push', 'Same push both ways'],
    watch: ['Thumb pressed instead of the hand', 'Breath held'],
  }),
  movement({
    ...held,
    id: 'palms-press',
    name: 'Palms press at the chest',
    what: 'Palms meet at the chest and press evenly.',
    joints: ['wrist', 'shoulder'],
    dose: doseOf({ mode: 'hold', holds: 3, holdMs: 5_000, relaxMs: 4_000 }, { fewest: 2, most: 5 }),
    lengthMs: [5_000, 10_000],
    phases: { work: 'press', back: 'let go', workShare: 0.6, breath: 'out, then in' },
    easier: [
      ['resistance', 'palms only meet'],
      ['hand position', 'press at the level of the navel'],
    ],
    stronger: [['hold', 'hold for ten']],
    cues: ['Press on the out-breath', 'Elbows hang'],
    watch: ['Shoulders rising', 'Breath held'],
  }),
  movement({
    ...held,
    id: 'cloth-pull',
    name: 'Cloth pull-apart',
    what: 'Hold a rolled cloth upright in both fists. Pull the hands apart, ease off; then change which hand is on top.',
    joints: ['wrist', 'fingers', 'shoulder'],
    propId: 'cloth',
    noProp: 'Hook the fingers of both hands together and pull.',
    dose: doseOf(
      { mode: 'hold', holds: 2, holdMs: 5_000, relaxMs: 4_000 },
      { passes: swapped('right hand on top', 'left hand on top'), fewest: 2, most: 3 },
    ),
    lengthMs: [3_000, 8_000],
    phases: { work: 'pull', back: 'ease off', workShare: 0.6, breath: 'out, then in' },
    easier: [
      ['resistance', 'only take up the slack'],
      ['resistance', 'half the pull'],
    ],
    stronger: [['count', 'three holds each way']],
    cues: ['Pull as if to straighten it', 'Let go slowly'],
    watch: ['Gripping tighter than pulling'],
  }),
];
