import { enoughWork } from './enough-work';
import { fitsSlot } from './fits-slot';
import { shortEfforts } from './short-efforts';
import { shortTalk } from './short-talk';

/** T: minutes and seconds. */
export const TIME_RULES = [fitsSlot, enoughWork, shortEfforts, shortTalk];
