import { gripReserve } from './grip-reserve';
import { handBreak } from './hand-break';
import { thumbRest } from './thumb-rest';
import { water } from './water';

/** R: rest for hands and for people. */
export const REST_RULES = [handBreak, water, thumbRest];

export const REST_RESERVE_RULES = [gripReserve];
