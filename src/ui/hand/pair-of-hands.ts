import { painted } from '@/core/draw';
import { fan, fingers, fullPose, handParts, REST, seenHand } from '@/core/hand';

const OPEN_HAND = fullPose({ ...REST, ...fingers(0, 2, 2), ...fan(0.5) });
const VIEW = { yaw: 0, tip: 0, lean: 0, at: [0, 0, 0], frame: 'forearm' } as const;

/** The open hands that charts and records are drawn on, palms toward the viewer, mm from each wrist. */
export const PAIR = { L: seenHand(OPEN_HAND, VIEW, true), R: seenHand(OPEN_HAND, VIEW, false) };
export const PAIR_SHAPES = { L: painted(handParts(PAIR.L)), R: painted(handParts(PAIR.R)) };
/** Each hand's distance from the middle, mm, and the room both need. */
export const PAIR_APART = 110;
export const PAIR_BOX = '-215 -190 430 345';
