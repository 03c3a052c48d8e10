import { doseOf } from '@/core/dose/dose';
import { movement } from './entry';

const held = { purpose: 'hold', section: 'hold', effort: 'isometric', effortOf10: 3 } as const;

export const hold = [
  movement({
    ...held,
    id: 'wrist-up-hold',
    name: 'Wrist up against the other hand',
    what: 'Forearm on the thigh, wrist straight; the back of the hand pushes up into the other palm and nothing moves.',
    joints: ['wrist'],
    dose: doseOf({ mode: 'hold', holds: 3, holdMs: 5_000, relaxMs: 3_000 }, { sides: 'each' }),
    easier: 'push with one finger’s weight',
    stronger: 'five holds',
    cues: ['Balanced push, no movement', 'Count aloud to keep breathing'],
    watch: ['Breath held', 'Shoulders rising'],
  }),
  movement({
    ...held,
    id: 'palms-press',
    name: 'Palms press at the chest',
    what: 'Palms meet at the chest and press evenly.',
    joints: ['wrist', 'shoulder'],
    dose: doseOf({ mode: 'hold', holds: 3, holdMs: 5_000, relaxMs: 4_000 }),
    easier: 'press at the level of the navel',
    stronger: 'hold for ten',
    cues: ['Press on the out-breath', 'Elbows hang'],
    watch: ['Shoulders rising', 'Breath held'],
  }),
  movement({
    ...held,
    id: 'cloth-pull',
    name: 'Cloth pull-apart',
    what: 'A rolled cloth is held in both hands; pull apart, ease off, then the other hand on top.',
    joints: ['wrist', 'fingers', 'shoulder'],
    propId: 'cloth',
    noProp: 'Hook the fingers of both hands together and pull.',
    dose: doseOf({ mode: 'hold', holds: 2, holdMs: 5_000, relaxMs: 4_000 }, { leads: 2 }),
    easier: 'hold the cloth over open palms',
    stronger: 'three holds each way',
    cues: ['Pull as if to straighten it', 'Let go slowly'],
    watch: ['Gripping tighter than pulling'],
  }),
];
