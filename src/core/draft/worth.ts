import { PURPOSES } from '../catalogue';
import { groupBy } from '../group';
import { HAND_SPOTS } from '../hand';
import { movementRows, type RuleContext } from '../plan';
import type { Line, LinearTerm } from './lp';
import type { Option } from './option';
import { ALIKE, countedMinutes, minuteWeight, purposesOf } from './score';
import { MINUTE_WORTH, spotWorth, targetMinutes, WEIGHTS } from './weights';
import type { DraftWish } from './wish';

/** A part of what a selection is worth, and the lines that bind its variables, 0 to 1, to what is taken. */
export type Terms = { readonly objective: LinearTerm[]; readonly lines: Line[] };

/** Minutes of each purpose with falling worth: a stretch of them is filled as far as there are minutes for it. */
export function minuteTerms(options: readonly Option[], wish: DraftWish): Terms {
  const targets = targetMinutes(wish.lengthMs, purposesOf(wish));
  const filled = PURPOSES.map((p, i) => ({
    by: options.filter((o) => o.movement.purpose === p),
    stretches: MINUTE_WORTH.map(([share, worth], k) => ({
      name: `m${i}_${k}`,
      minutes: share * targets[p],
      worth: worth * minuteWeight(p, wish),
    })),
  })).filter((f) => f.by.length > 0);
  return {
    objective: filled.flatMap((f) => f.stretches.map((s): LinearTerm => [s.minutes * s.worth, s.name])),
    lines: filled.map((f): Line => ({
      terms: [
        ...f.stretches.map((s): LinearTerm => [s.minutes, s.name]),
        ...f.by.map((o): LinearTerm => [-countedMinutes(o), o.key]),
      ],
      sense: '<=',
      bound: 0,
    })),
  };
}

/** More than so many rows beyond what is worth its whole are never taken. */
const MOST_ALIKE = 12;

/** From the third row of one kind and joint on each is worth less. */
export function alikeTerms(options: readonly Option[]): Terms {
  const kinds = [...groupBy(options, (o) => o.likeness).values()].filter(
    (same) => new Set(same.map((o) => o.movement.id)).size > ALIKE,
  );
  return {
    objective: kinds.map((_, i): LinearTerm => [WEIGHTS.oneMoreAlike * MOST_ALIKE, `a${i}`]),
    lines: kinds.map((same, i): Line => ({
      terms: [...same.map((o): LinearTerm => [1, o.key]), [-MOST_ALIKE, `a${i}`]],
      sense: '<=',
      bound: ALIKE,
    })),
  };
}

/** Of the rows of a class that goes on, at least so many do; so many are new or ask more, and not many more than that. */
const GOING_ON = 0.65;
const CHANGED = [0.2, 0.3] as const;
/** With fewer rows in the baseline there is too little to go on from. */
const ENOUGH_TO_GO_ON_FROM = 8;

export function seriesTerms(options: readonly Option[], { baseline }: RuleContext): Terms {
  if (!baseline || movementRows(baseline.plan).length < ENOUGH_TO_GO_ON_FROM)
    return { objective: [], lines: [] };
  const share = (name: string, weight: (o: Option) => number): Line => ({
    terms: [...options.map((o): LinearTerm => [weight(o), o.key]), [-SHORT_BY, name]],
    sense: '<=',
    bound: 0,
  });
  const goesOn = (o: Option) => Number(o.step !== 'not done then');
  return {
    objective: ['v0', 'v1', 'v2'].map((name): LinearTerm => [WEIGHTS.missedShare * SHORT_BY, name]),
    lines: [
      share('v0', (o) => GOING_ON - goesOn(o)),
      share('v1', (o) => CHANGED[0] - Number(changes(o))),
      share('v2', (o) => Number(changes(o)) - CHANGED[1]),
    ],
  };
}
const changes = ({ step }: Option): boolean => step === 'more' || step === 'not done then';

/** A class that goes on and has too little in it that is new or asks more. */
export const changesTooLittle = (rows: readonly Option[], { baseline }: RuleContext): boolean =>
  !!baseline &&
  movementRows(baseline.plan).length >= ENOUGH_TO_GO_ON_FROM &&
  rows.filter(changes).length < CHANGED[0] * rows.length;

/** By so many rows the shares may be missed, at the worth that each of them costs. */
const SHORT_BY = 20;

/** Coverage with diminishing worth: as many steps of a spot are taken as options that have it. */
export function coverageTerms(options: readonly Option[], { lengthMs }: DraftWish): Terms {
  const covered = HAND_SPOTS.map((s, i) => ({
    name: `s${i}`,
    by: options.filter((o) => o.spots.includes(s.id)),
  })).filter((c) => c.by.length > 0);
  const steps = (c: (typeof covered)[number]) =>
    spotWorth(lengthMs).map((w, i): LinearTerm => [w, `${c.name}_${i}`]);
  return {
    objective: covered.flatMap(steps),
    lines: covered.map((c): Line => ({
      terms: [
        ...steps(c).map(([, name]): LinearTerm => [1, name]),
        ...c.by.map((o): LinearTerm => [-1, o.key]),
      ],
      sense: '<=',
      bound: 0,
    })),
  };
}
