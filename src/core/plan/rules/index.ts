import type { SequencingRule } from '../finding';
import { bothSides } from './b1-both-sides';
import { openAfterClosing } from './b2-open-after-closing';
import { stretchPairs } from './b3-stretch-pairs';
import { everyFinger } from './b4-every-finger';
import { changeOfPlace } from './b5-change-of-place';
import { oneChange } from './g1-one-change';
import { gentleRise } from './g2-gentle-rise';
import { fewNew } from './g3-few-new';
import { enoughProps } from './k1-enough-props';
import { fewProps } from './k2-few-props';
import { cleanProps } from './k3-clean-props';
import { latexWarning } from './k3-latex';
import { softEdges } from './k4-soft-edges';
import { warmFirst } from './o1-warm-first';
import { earlyStart } from './o10-early-start';
import { layerByLayer } from './o11-layer-by-layer';
import { activeBeforeStretch } from './o2-active-before-stretch';
import { lightFirst } from './o3-light-first';
import { loadApart } from './o4-load-apart';
import { counterStretch } from './o5-counter-stretch';
import { quietEnding } from './o6-quiet-ending';
import { simpleFirst } from './o7-simple-first';
import { propsTogether } from './o8-props-together';
import { talkAtRest } from './o9-talk-at-rest';
import { somethingToDo } from './p1-something-to-do';
import { helpersPresent } from './p2-helpers';
import { fewLeftOut } from './p3-few-left-out';
import { seatedTwin } from './p4-seated-twin';
import { handBreak } from './r1-hand-break';
import { water } from './r2-water';
import { thumbRest } from './r4-thumb-rest';
import { fitsSlot } from './t1-fits-slot';
import { enoughWork } from './t2-enough-work';
import { shortEfforts } from './t3-short-efforts';

/** Every sequencing rule; a new one is a file and a line here. */
export const SEQUENCING_RULES: readonly SequencingRule[] = [
  warmFirst,
  activeBeforeStretch,
  lightFirst,
  loadApart,
  counterStretch,
  quietEnding,
  simpleFirst,
  propsTogether,
  talkAtRest,
  earlyStart,
  layerByLayer,
  bothSides,
  openAfterClosing,
  stretchPairs,
  everyFinger,
  changeOfPlace,
  handBreak,
  water,
  thumbRest,
  somethingToDo,
  helpersPresent,
  fewLeftOut,
  seatedTwin,
  enoughProps,
  fewProps,
  cleanProps,
  latexWarning,
  softEdges,
  fitsSlot,
  enoughWork,
  shortEfforts,
  oneChange,
  gentleRise,
  fewNew,
];
