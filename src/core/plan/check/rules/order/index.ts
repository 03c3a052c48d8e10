import { activeBeforeStretch } from './active-before-stretch';
import { counterStretch } from './counter-stretch';
import { earlyStart } from './early-start';
import { layerByLayer } from './layer-by-layer';
import { lightFirst } from './light-first';
import { loadApart } from './load-apart';
import { loadOnFreshHands } from './load-on-fresh-hands';
import { propsTogether } from './props-together';
import { quietEnding } from './quiet-ending';
import { simpleFirst } from './simple-first';
import { talkAtRest } from './talk-at-rest';
import { warmFirst } from './warm-first';

/** O: what comes before what. A new rule is a file and a line here. */
export const ORDER_RULES = [
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
];

export const ORDER_RESERVE_RULES = [loadOnFreshHands];
