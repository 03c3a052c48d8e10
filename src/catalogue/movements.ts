import { ALSO_CALLED } from './also-called';
import { ON_RUNGS } from './figures/on-rungs/on-rungs';
import { FIGURES } from './figures/figures';
import { arriveAndWake } from './movements/arrive-and-wake';
import { armsAndTrunk } from './movements/arms-and-trunk';
import { body } from './movements/body';
import { coordination } from './movements/coordination';
import { ease } from './movements/ease';
import { fingers } from './movements/fingers';
import { grip } from './movements/grip';
import { legs } from './movements/legs';
import { hold } from './movements/hold';
import { load } from './movements/load';
import { loadMoves } from './movements/load-moves';
import { moreHands } from './movements/more-hands';
import { moreLeans } from './movements/more-leans';
import { open } from './movements/open';
import { pinch } from './movements/pinch';
import { stretch } from './movements/stretch';
import { tap } from './movements/tap';
import { weights } from './movements/weights';
import { wrist } from './movements/wrist';
import { PROPS } from './props';
import { TASKS } from './tasks';
import { catalogueOf } from '@/core/catalogue';

export const MOVEMENTS = [
  ...arriveAndWake,
  ...wrist,
  ...fingers,
  ...coordination,
  ...stretch,
  ...hold,
  ...grip,
  ...pinch,
  ...weights,
  ...open,
  ...load,
  ...loadMoves,
  ...tap,
  ...ease,
  ...body,
  ...armsAndTrunk,
  ...legs,
  ...moreHands,
  ...moreLeans,
];

/** A movement is found by the everyday tasks that it practises, too. */
const FOUND_BY: Readonly<Record<string, string>> = Object.fromEntries(
  MOVEMENTS.map(({ id }) => {
    const tasks = TASKS.filter((task) => task.movementIds.includes(id)).flatMap((task) => task.words);
    return [id, [ALSO_CALLED[id] ?? '', ...tasks].join(' ')];
  }),
);

export const CATALOGUE = catalogueOf(MOVEMENTS, PROPS, FIGURES, ON_RUNGS, FOUND_BY);
