import { adapt, AGAINST, GLIDING, leaveOut } from './caution';

/** Bones and spine, and what belongs to the whole person: heart, eyes, balance, shoulders, attention, senses. */
export const bonesAndWhole = [
  leaveOut(
    'bone-bend',
    'osteoporosis',
    'no loaded bend or twist of the trunk',
    [{ traits: ['trunk under load'] }],
    { instead: ['load'] },
  ),
  leaveOut('bone-impact', 'osteoporosis', 'no impact unless cleared', [{ traits: ['impact'] }], {
    instead: ['load'],
    liftable: true,
  }),
  adapt(
    'bone-ladder',
    'osteoporosis',
    'loading is wanted, from the bottom of the ladder',
    'one rung at a time',
    [{ efforts: ['load'] }],
    { liftable: true, ask: { rung: 'gentlest' } },
  ),
  adapt(
    'bone-trunk',
    'osteoporosis',
    'turn and lean small, with nothing in the hands',
    'small, sitting tall',
    [{ traits: ['trunk bend'] }],
  ),
  adapt('bone-low', 'osteoporosis', 'no bending down to reach low', 'leave out the low height', [
    { traits: ['low reach'] },
  ]),
  leaveOut(
    'spine-trunk',
    'spine-fracture',
    'no bend, twist or lean-back of the trunk, loaded or not',
    [{ traits: ['trunk bend', 'trunk under load', 'head low'] }, { joints: ['trunk'], efforts: ['active'] }],
    { instead: ['active', 'load'] },
  ),
  leaveOut(
    'spine-floor',
    'spine-fracture',
    'no floor, and no jarring',
    [{ position: 'floor' }, { traits: ['impact'] }],
    { instead: ['load'] },
  ),
  adapt('spine-tall', 'spine-fracture', 'tall sitting', 'sit tall, the lean comes from the hips', [
    { efforts: ['load'], apart: false },
  ]),
  adapt('spine-sit', 'spine-fracture', 'tall sitting', 'sit tall', [
    { efforts: ['load'], apart: true },
    { joints: ['shoulder', 'legs'], efforts: ['warm', 'active', 'stretch', 'coordination', 'isometric'] },
  ]),
  adapt('spine-low', 'spine-fracture', 'tall sitting, no low reach', 'sit tall, leave out the low height', [
    { traits: ['low reach'] },
  ]),
  leaveOut('balance-standing', 'balance', 'no standing', [{ position: 'standing' }], { instead: ['load'] }),
  adapt('balance-neck', 'balance', 'no quick head turns', 'eyes open, only the eyes turn', [
    { traits: ['neck turn'] },
  ]),
  adapt('balance-eyes', 'balance', 'eyes stay open', 'eyes open', [{ traits: ['eyes closed'] }]),
  leaveOut(
    'pressure-long',
    'blood-pressure',
    'no effort held over 10 s',
    [{ efforts: AGAINST, effortOver: 2, effortSecondsOver: 10 }],
    { instead: GLIDING },
  ),
  leaveOut('pressure-head', 'blood-pressure', 'no head below the heart', [{ traits: ['head low'] }], {
    instead: ['load'],
  }),
  leaveOut('pressure-overhead', 'blood-pressure', 'no weights overhead', [{ traits: ['weight overhead'] }], {
    instead: ['grip'],
  }),
  adapt(
    'pressure-effort',
    'blood-pressure',
    'effort at most three of ten, breath kept going',
    'count aloud',
    [{ traits: ['breath held easily'] }, { efforts: ['isometric'] }, { effortOver: 3 }],
    { ask: { effortMost: 3, holdMostMs: 10_000 } },
  ),
  leaveOut('eye-head', 'eye-pressure', 'no low head', [{ traits: ['head low'] }], { instead: ['load'] }),
  adapt('eye-breath', 'eye-pressure', 'never hold the breath', 'count aloud', [
    { efforts: ['isometric'] },
    { traits: ['breath held easily'] },
  ]),
  leaveOut('shoulder-high', 'shoulder', 'no arms above the shoulder', [{ traits: ['arms above chest'] }], {
    instead: ['active', 'grip'],
  }),
  adapt('shoulder-low', 'shoulder', 'arms at or below chest height', 'hands rise only to the ribs', [
    { traits: ['arms crossed high', 'arms rise'] },
  ]),
  adapt('neck-turn', 'shoulder', 'small and slow', 'only the eyes turn', [{ traits: ['neck turn'] }]),
  adapt('memory-sequence', 'memory', 'one cue at a time', 'copies the helper, one cue at a time', [
    { traits: ['long sequence'] },
  ]),
  adapt('sight-sequence', 'poor-sight', 'what is not seen is heard', 'sits near, steps said aloud', [
    { traits: ['long sequence'] },
  ]),
  adapt('hearing-sequence', 'poor-hearing', 'what is not heard is seen', 'in sight of the display', [
    { traits: ['long sequence'] },
  ]),
  leaveOut('magnet', 'pacemaker', 'no magnets near the chest', [{ traits: ['magnet near the chest'] }], {
    instead: ['grip'],
  }),
];
