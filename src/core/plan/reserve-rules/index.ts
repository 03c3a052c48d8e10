import type { Finding, RuleContext } from '../finding';
import type { HandReserve } from '../reserve';
import { loadOnFreshHands } from './o4-load-on-fresh-hands';
import { gripReserve } from './r3-grip-reserve';

/** Rules that read the modelled grip reserve, which is worked out apart from the page; a new one is a file and a line here. */
const RESERVE_RULES: readonly ((
  context: RuleContext,
  reserves: readonly HandReserve[],
) => readonly Finding[])[] = [gripReserve, loadOnFreshHands];

export const reserveFindings = (context: RuleContext, reserves: readonly HandReserve[]): readonly Finding[] =>
  RESERVE_RULES.flatMap((rule) => rule(context, reserves));
