import { bothSides } from './both-sides';
import { changeOfPlace } from './change-of-place';
import { everyFinger } from './every-finger';
import { openAfterClosing } from './open-after-closing';
import { stretchPairs } from './stretch-pairs';

/** B: nothing is done one-sidedly, and nothing is left still. */
export const BALANCE_RULES = [bothSides, openAfterClosing, stretchPairs, everyFinger, changeOfPlace];
