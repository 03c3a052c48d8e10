import { fewNew } from './few-new';
import { gentleRise } from './gentle-rise';
import { oneChange } from './one-change';

export { FIRST_LOADING, steepRises } from './gentle-rise';
export { fewNew, oneChange };

/** G: from one class to the next. */
export const PROGRESS_RULES = [oneChange, gentleRise, fewNew];
