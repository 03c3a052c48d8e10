import { planOfStarter } from '@/core/draft';
import { USUAL_WAY_IN, type Plan } from '@/core/plan';
import { CATALOGUE } from './movements';
import type { STARTERS } from './starters';

const BREATH_MS = 5_000;

/** A ready class as a plan that nobody has set anything of: usual breaths, usual ways in. */
export const readyPlan = (starter: (typeof STARTERS)[number]): Plan => ({
  ...planOfStarter(starter, CATALOGUE),
  breathMs: BREATH_MS,
  wayIn: USUAL_WAY_IN,
});
