import type { Finding, RuleContext } from '../finding';
import { BALANCE_RULES } from './balance';
import { ORDER_RULES, ORDER_RESERVE_RULES } from './order';
import { PEOPLE_RULES } from './people';
import { PROGRESS_RULES } from './progress';
import { PROPS_RULES } from './props';
import { REST_RULES, REST_RESERVE_RULES } from './rest';
import { findingsOf, type ReserveContext, type Rule } from './rule';
import { TIME_RULES } from './time';

const PLAN_RULES: readonly Rule[] = [
  ...ORDER_RULES,
  ...BALANCE_RULES,
  ...REST_RULES,
  ...PEOPLE_RULES,
  ...PROPS_RULES,
  ...TIME_RULES,
  ...PROGRESS_RULES,
];

const RESERVE_RULES: readonly Rule<ReserveContext>[] = [...ORDER_RESERVE_RULES, ...REST_RESERVE_RULES];

export const planFindings = (context: RuleContext): readonly Finding[] =>
  PLAN_RULES.flatMap((rule) => findingsOf(rule, context));

export const reserveFindings = (context: ReserveContext): readonly Finding[] =>
  RESERVE_RULES.flatMap((rule) => findingsOf(rule, context));

export { SOMETHING_TO_DO } from './people';
export { PRACTICE } from './rule';

/** What there is to say of a rule apart from a plan. */
type RuleEntry = Pick<Rule, 'code' | 'severity' | 'title' | 'reason' | 'source'>;

const inOrder = (rules: readonly RuleEntry[]): readonly RuleEntry[] =>
  [...rules].sort((a, b) => Number(a.code.slice(1)) - Number(b.code.slice(1)));

/** Every sequencing rule, by the letters and in the order of the codes. */
export const RULE_LETTERS: readonly { readonly name: string; readonly rules: readonly RuleEntry[] }[] = [
  { name: 'Order', rules: inOrder([...ORDER_RULES, ...ORDER_RESERVE_RULES]) },
  { name: 'Balance', rules: BALANCE_RULES },
  { name: 'Rest', rules: inOrder([...REST_RULES, ...REST_RESERVE_RULES]) },
  { name: 'People', rules: PEOPLE_RULES },
  { name: 'Props', rules: PROPS_RULES },
  { name: 'Time', rules: TIME_RULES },
  { name: 'Progress', rules: PROGRESS_RULES },
];

/** A rule by its code. */
export const ruleOf = (code: string): RuleEntry | undefined =>
  RULE_LETTERS.flatMap((letter) => letter.rules).find((r) => r.code === code);
