import type { Catalogue, SectionKind } from '../catalogue';
import { primaryCount, withPrimaryCount, type Dose } from '../dose';
import { emptyPlan, type Plan, type Row } from '../plan';
import type { Focus } from './wish';

/** What a row of a ready plan has otherwise than its movement; seconds of a free time, and of the way in. */
type StarterDose = { sets?: number; count?: number; seconds?: number; wayIn?: number };

/** A row of a ready plan: a movement, a break, or talk, with seconds. */
type StarterRow =
  | readonly [movementId: string, dose?: StarterDose]
  | readonly ['hand' | 'water' | 'shake', number]
  | readonly ['talk' | 'question', title: string, seconds: number, text: string];

export type StarterSection = readonly [kind: SectionKind, name: string, rows: readonly StarterRow[]];

/** A ready class: for whom it is, how long, what it is about, and its rows. */
export type Starter = {
  readonly id: string;
  readonly name: string;
  readonly what: string;
  readonly minutes: number;
  readonly focus: readonly Focus[];
  readonly withoutProps: boolean;
  /** For a group that has learned nothing yet. */
  readonly isFirst: boolean;
  readonly sections: readonly StarterSection[];
};

/** The ready class as a plan, on an empty one's settings. */
export function planOfStarter({ sections }: Pick<Starter, 'sections'>, catalogue: Catalogue): Plan {
  const ids = new Map<string, number>();
  /** A row id that no other row has. */
  const fresh = (base: string): string => {
    const n = (ids.get(base) ?? 0) + 1;
    ids.set(base, n);
    return n === 1 ? base : `${base}-${n}`;
  };
  return {
    ...emptyPlan(),
    sections: sections.map(([kind, name, rows]) => ({
      id: fresh(kind),
      kind,
      name,
      rows: rows.flatMap((row) => rowOf(row, catalogue, fresh)),
    })),
  };
}

function rowOf(row: StarterRow, catalogue: Catalogue, fresh: (base: string) => string): Row[] {
  if (row.length === 4) {
    const [kind, title, seconds, text] = row;
    const talk = { kind: 'talk' as const, id: fresh('talk'), title, durationMs: seconds * 1_000 };
    return [{ ...talk, ...(text && { text }), ...(kind === 'question' && { question: true as const }) }];
  }
  const [id, of] = row;
  if (typeof of === 'number')
    return [
      { kind: 'break', id: fresh('break'), what: id as 'hand' | 'water' | 'shake', durationMs: of * 1_000 },
    ];
  const movement = catalogue.movement(id);
  if (!movement) return [];
  const dose = withStarterDose(movement.dose, of ?? {});
  const wayInMs = of?.wayIn === undefined ? {} : { wayInMs: of.wayIn * 1_000 };
  return [{ kind: 'movement', id: fresh(`d-${id}`), movementId: id, dose, note: '', ...wayInMs }];
}

function withStarterDose(usual: Dose, { sets, count, seconds }: StarterDose): Dose {
  const counted = count === undefined ? usual.count : withPrimaryCount(usual.count, count);
  const timed =
    seconds !== undefined && counted.mode === 'time' ? { ...counted, timeMs: seconds * 1_000 } : counted;
  return { ...usual, sets: sets ?? usual.sets, count: timed };
}

/** A plan as the rows of a ready class: what they have otherwise than their movements. */
export const starterSections = (plan: Plan, catalogue: Catalogue): readonly StarterSection[] =>
  plan.sections
    .filter((s) => s.rows.length > 0)
    .map(({ kind, name, rows }) => [kind, name, rows.map((row) => starterRow(row, catalogue))]);

function starterRow(row: Row, catalogue: Catalogue): StarterRow {
  if (row.kind === 'break') return [row.what, row.durationMs / 1_000];
  if (row.kind === 'talk')
    return [row.question ? 'question' : 'talk', row.title, row.durationMs / 1_000, row.text ?? ''];
  const usual = catalogue.movement(row.movementId)!.dose;
  const { count, sets } = row.dose;
  const dose: StarterDose = {
    ...(sets !== usual.sets && { sets }),
    ...(primaryCount(count) !== primaryCount(usual.count) && { count: primaryCount(count) }),
    ...(count.mode === 'time' &&
      usual.count.mode === 'time' &&
      count.timeMs !== usual.count.timeMs && { seconds: count.timeMs / 1_000 }),
    ...(row.wayInMs !== undefined && { wayIn: row.wayInMs / 1_000 }),
  };
  return Object.keys(dose).length > 0 ? [row.movementId, dose] : [row.movementId];
}
