import type { SequencingRule } from '../finding';
import { bothSides } from './b1-both-sides';
import { openAfterClosing } from './b2-open-after-closing';
import { fewNew } from './g3-few-new';
import { enoughProps } from './k1-enough-props';
import { fewProps } from './k2-few-props';
import { latexWarning } from './k3-latex';
import { warmFirst } from './o1-warm-first';
import { activeBeforeStretch } from './o2-active-before-stretch';
import { counterStretch } from './o5-counter-stretch';
import { quietEnding } from './o6-quiet-ending';
import { somethingToDo } from './p1-something-to-do';
import { helpersPresent } from './p2-helpers';
import { fewLeftOut } from './p3-few-left-out';
import { handBreak } from './r1-hand-break';
import { water } from './r2-water';
import { gripReserve } from './r3-grip-reserve';
import { thumbRest } from './r4-thumb-rest';
import { fitsSlot } from './t1-fits-slot';
import { shortEfforts } from './t3-short-efforts';

/** Every sequencing rule; a new one is a file and a line here. */
export const SEQUENCING_RULES: readonly SequencingRule[] = [
  warmFirst,
  activeBeforeStretch,
  counterStretch,
  quietEnding,
  bothSides,
  openAfterClosing,
  handBreak,
  water,
  gripReserve,
  thumbRest,
  somethingToDo,
  helpersPresent,
  fewLeftOut,
  enoughProps,
  fewProps,
  latexWarning,
  fitsSlot,
  shortEfforts,
  fewNew,
];
