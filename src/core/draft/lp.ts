/** Linear terms and lines of a model, and their text in CPLEX LP format. */
export type LinearTerm = readonly [weight: number, name: string];
export type Line = {
  readonly terms: readonly LinearTerm[];
  readonly sense: '<=' | '>=';
  readonly bound: number;
};

type Named = { readonly key: string };

export const atMost = (of: readonly Named[], bound: number): Line => ({
  terms: of.map((o): LinearTerm => [1, o.key]),
  sense: '<=',
  bound,
});
export const atLeast = (of: readonly Named[], bound: number): Line => ({
  ...atMost(of, bound),
  sense: '>=',
});

/** What may be taken only as far as others are. */
export const onlyWith = (of: readonly Named[], others: readonly LinearTerm[]): Line => ({
  terms: [...of.map((o): LinearTerm => [1, o.key]), ...others.map(([w, name]): LinearTerm => [-w, name])],
  sense: '<=',
  bound: 0,
});

type Model = {
  readonly objective: readonly LinearTerm[];
  readonly lines: readonly Line[];
  /** Variables from 0 to 1. */
  readonly shares: readonly string[];
  /** Variables that are 0 or 1. */
  readonly binaries: readonly string[];
};

export const lpText = ({ objective, lines, shares, binaries }: Model): string =>
  [
    'Maximize',
    ` obj: ${sum(objective)}`,
    'Subject To',
    ...lines.map((l, i) => ` c${i}: ${sum(l.terms)} ${l.sense} ${number(l.bound)}`),
    'Bounds',
    ...shares.map((name) => ` 0 <= ${name} <= 1`),
    'Binary',
    ` ${binaries.join(' ')}`,
    'End',
  ].join('\n');

const number = (n: number): string => String(Math.round(n * 1e4) / 1e4);
const sum = (terms: readonly LinearTerm[]): string =>
  terms.map(([w, name]) => `${w < 0 ? '-' : '+'} ${number(Math.abs(w))} ${name}`).join(' ');
