import { between, type Vec } from '../draw';
import { FINGER_NAMES, type FingerName, type JointId } from './joints';
import type { SeenHand } from './place';

/** A place on the hand map: a joint with all its directions, or the forearm. */
type HandSpot = {
  readonly id: string;
  readonly name: string;
  readonly joints: readonly JointId[];
  readonly at: (hand: SeenHand) => Vec;
  /** Size on the map, mm. */
  readonly radiusMm: number;
};

const JOINT_NAMES = { mcp: 'knuckle', pip: 'middle joint', dip: 'end joint' } as const;

const fingerSpots = (finger: FingerName): readonly HandSpot[] =>
  (['mcp', 'pip', 'dip'] as const).map((joint, i) => ({
    id: `${finger}.${joint}`,
    name: `${finger} ${JOINT_NAMES[joint]}`,
    joints: joint === 'mcp' ? [`${finger}.mcp`, `${finger}.spread`] : [`${finger}.${joint}`],
    at: ({ digits }) => digits[finger][i + 1]!,
    radiusMm: joint === 'mcp' ? 9.5 : joint === 'pip' ? 8.5 : 7.5,
  }));

/** Every joint of the hand that is moved for its own sake, thumb to little finger, then wrist and forearm. */
export const HAND_SPOTS: readonly HandSpot[] = [
  {
    id: 'thumb.cmc',
    name: 'thumb base',
    joints: ['thumb.radial', 'thumb.palmar', 'thumb.opposition'],
    at: ({ digits }) => between(digits.thumb[0]!, digits.thumb[1]!, 0.2),
    radiusMm: 11,
  },
  {
    id: 'thumb.mcp',
    name: 'thumb knuckle',
    joints: ['thumb.mcp'],
    at: ({ digits }) => digits.thumb[1]!,
    radiusMm: 9.5,
  },
  {
    id: 'thumb.ip',
    name: 'thumb end joint',
    joints: ['thumb.ip'],
    at: ({ digits }) => digits.thumb[2]!,
    radiusMm: 8.5,
  },
  ...FINGER_NAMES.flatMap(fingerSpots),
  {
    id: 'wrist',
    name: 'wrist',
    joints: ['wrist.flexion', 'wrist.ulnar'],
    at: ({ wrist }) => between(wrist[0], wrist[1], 0.5),
    radiusMm: 14,
  },
  {
    id: 'forearm',
    name: 'forearm turn',
    joints: ['forearm.pronation'],
    at: ({ wrist, forearm }) =>
      between(between(wrist[0], wrist[1], 0.5), between(forearm[0], forearm[1], 0.5), 0.42),
    radiusMm: 12,
  },
];
