import { fewLeftOut } from './few-left-out';
import { helpersPresent } from './helpers';
import { seatedAlternative } from './seated-alternative';
import { somethingToDo } from './something-to-do';

/** P: everyone who comes takes part. */
export const PEOPLE_RULES = [somethingToDo, helpersPresent, fewLeftOut, seatedAlternative];

export { SOMETHING_TO_DO } from './something-to-do';
