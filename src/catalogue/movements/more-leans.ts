import { movement } from './entry';
import { holds, reps } from './doses';
import { EACH_WAY } from './passes';

const FLOOR =
  'Floor positions are off until they are switched on for a person whose clinician has cleared loading.';
const leaning = {
  purpose: 'load',
  section: 'load',
  effort: 'load',
  joints: ['wrist', 'shoulder'],
} as const;
const onHandsAndKnees = {
  ...leaning,
  effortOf10: 4,
  traits: ['weight on the heel of the hand'],
  positions: ['floor'],
  clearanceReason: FLOOR,
  loadSetUp: 'all fours',
  follows: ['all-fours'],
} as const;
const atTheChairSeat = {
  ...leaning,
  effortOf10: 4,
  traits: ['weight on the heel of the hand', 'head low', 'trunk under load'],
  positions: ['standing'],
  loadSetUp: 'chair seat',
  follows: ['chair-seat-lean'],
} as const;

/** Leaning in other places: one hand at a time, a chair seat, hands and knees. */
export const moreLeans = [
  movement({
    ...leaning,
    id: 'one-hand-lean',
    name: 'One hand leans at a time',
    what: 'One palm on the table, the other hand rests in the lap; lean a little weight over it, stay, come back.',
    effortOf10: 3,
    traits: ['weight on the heel of the hand'],
    positions: ['table'],
    loadSetUp: 'table, seated',
    follows: ['table-lean'],
    dose: holds([2, 4], 5_000, 4_000, { sides: 'each' }),
    lengthMs: [3_000, 10_000],
    easier: [
      ['resistance', 'only the weight of the arm'],
      ['lever', 'forearm on the table'],
    ],
    stronger: [['hold', 'eight seconds']],
    cues: ['Fingers wide, weight over the whole hand', 'Out as the weight comes on'],
    watch: ['Breath held', 'Elbow locking'],
  }),
  movement({
    ...atTheChairSeat,
    id: 'chair-seat-circles',
    name: 'Circles over a chair seat',
    what: 'Standing, hands on the seat of a sturdy chair against the wall; the body draws small circles over them; then the other way.',
    seatedAlternative: 'lean-circles',
    dose: reps([3, 6], 3_000, { passes: EACH_WAY }),
    easier: [
      ['resistance', 'half the lean'],
      ['range', 'circles as small as a coin'],
    ],
    stronger: [['range', 'circles as wide as the hands']],
    cues: ['The chair is against the wall', 'Small and slow'],
    watch: ['Head hanging low', 'Breath held'],
  }),
  movement({
    ...onHandsAndKnees,
    id: 'rocking',
    name: 'Rocking on hands and knees',
    what: 'On hands and knees on a mat, rock a little forward over the hands and back over the knees.',
    seatedAlternative: 'lean-with-breath',
    dose: reps([3, 6], 4_000),
    phases: { work: 'forward', back: 'back', workShare: 0.5, breath: 'as it comes' },
    easier: [
      ['resistance', 'most of the weight stays on the knees'],
      ['range', 'only a hand’s width'],
    ],
    stronger: [['range', 'until the shoulders are past the hands']],
    cues: ['Spread the fingers, press the whole hand', 'Getting down and up is part of it'],
    watch: ['Back sagging', 'Breath held'],
  }),
  movement({
    ...onHandsAndKnees,
    id: 'circles-on-all-fours',
    name: 'Circles on hands and knees',
    what: 'On hands and knees on a mat, the body draws small circles over the hands; then the other way.',
    seatedAlternative: 'lean-circles',
    dose: reps([3, 6], 3_000, { passes: EACH_WAY }),
    easier: [
      ['resistance', 'most of the weight stays on the knees'],
      ['range', 'circles as small as a coin'],
    ],
    stronger: [['range', 'circles as wide as the hands']],
    cues: ['Elbows long, not locked', 'Slow and even'],
    watch: ['Back sagging', 'Breath held'],
  }),
];
