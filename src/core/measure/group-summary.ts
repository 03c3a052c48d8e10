import { MEASURE_KINDS, type MeasureKind } from '../people';
import type { Change } from './real-change';
import type { MeasureResult } from './results';

/** Under this many people nothing is told of a group, so that nobody can be guessed. */
export const MIN_GROUP_REPORTED = 5;

type GroupLine = {
  readonly kind: MeasureKind;
  /** People measured at least twice. */
  readonly people: number;
  readonly better: number;
  readonly same: number;
  readonly worse: number;
};

export type GroupSummary = {
  readonly lines: readonly GroupLine[];
  /** Kinds that were measured of too few to be told. */
  readonly kept: readonly MeasureKind[];
};

/**
 * How many of a group got better, stayed or got worse, kind by kind, without names: a person counts once, and as
 * worse when a hand is. Kinds with fewer than five people are kept back.
 */
export function groupSummary(people: readonly (readonly MeasureResult[])[]): GroupSummary {
  const all = MEASURE_KINDS.map((kind): GroupLine => {
    const changes = people.map((results) => changeOf(results.filter((r) => r.kind === kind)));
    const count = (change: Change) => changes.filter((c) => c === change).length;
    return {
      kind,
      people: changes.filter((c) => c !== 'not yet').length,
      better: count('better'),
      same: count('no real change'),
      worse: count('worse'),
    };
  });
  const measured = all.filter((l) => l.people > 0);
  return {
    lines: measured.filter((l) => l.people >= MIN_GROUP_REPORTED),
    kept: measured.filter((l) => l.people < MIN_GROUP_REPORTED).map((l) => l.kind),
  };
}

/** Both hands as one; the worse of them counts. */
function changeOf(results: readonly MeasureResult[]): Change {
  const changes = results.map((r) => r.change);
  return (['worse', 'better', 'no real change'] as const).find((c) => changes.includes(c)) ?? 'not yet';
}
