import type { Finding, Mend, RuleContext, Severity } from '../finding';
import type { HandReserve } from '../reserve';

/** What a rule found in a plan; a rule's own `mend` may read more off it. */
type Found = {
  readonly text: string;
  readonly rowIds?: readonly string[];
  readonly personIds?: readonly string[];
  /** Where it weighs more or less than it usually does. */
  readonly severity?: Severity;
};

/** A sequencing rule: a letter and a number, unique, under which it is muted; what it wants, and why. */
export type Rule<Context extends RuleContext = RuleContext> = {
  readonly code: string;
  /** As it usually weighs; a finding may weigh more or less. */
  readonly severity: Severity;
  /** What it wants, as a short sentence without a stop. */
  readonly title: string;
  readonly reason: string;
  /** Where it and its numbers come from. */
  readonly source: string;
  readonly find: (context: Context) => readonly Found[];
  /** A one-click mend of what it found. */
  readonly mend: (context: Context, found: Found) => Mend | null;
};

/** A class together with the modelled reserve of its hands, which is worked out apart from the page. */
export type ReserveContext = RuleContext & { readonly reserves: readonly HandReserve[] };

/** For rules that no study is behind: what instructors of such classes do. */
export const PRACTICE = 'Teaching practice; no published figure';

/** A rule whose mend reads what its `find` noted. */
export const rule = <Context extends RuleContext, F extends Found>({
  mend = () => null,
  ...rest
}: Omit<Rule<Context>, 'find' | 'mend'> & {
  readonly find: (context: Context) => readonly F[];
  readonly mend?: (context: Context, found: F) => Mend | null;
}): Rule<Context> => ({
  ...rest,
  // Only what this very rule found comes back to it.
  mend: (context, found) => mend(context, found as F),
});

/** What a rule says about a plan. */
export const findingsOf = <Context extends RuleContext>(
  { code, severity, reason, find, mend }: Rule<Context>,
  context: Context,
): readonly Finding[] =>
  find(context).map((found) => ({
    code,
    severity: found.severity ?? severity,
    text: found.text,
    because: reason,
    rowIds: found.rowIds ?? [],
    personIds: found.personIds ?? [],
    mend: mend(context, found),
  }));
