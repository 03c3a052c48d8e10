import type { Movement, SectionKind } from '../catalogue';
import { doseTiming } from '../dose';
import { contextOf, movementRows, type ClassFacts, type Plan, type Row } from '../plan';
import { sectionOf } from './arrange';
import { draftFactsOf, type DraftGiven } from './draft';
import { ENDING } from './frame';
import { mended } from './mended';
import { ONCE_MORE_NAME } from './once-more';
import { draftOptions, spotsOf, type DraftFacts, type Option } from './option';
import { whyNotDrafted } from './may-draft';
import { plainWish } from './wish';

/** What gave way when a ready plan was fitted: to what, or to nothing, and why as the end of a sentence. */
export type GaveWay = {
  readonly movementId: string;
  readonly to: string | null;
  readonly why: string;
};

export type Fitted = { readonly plan: Plan; readonly gaveWay: readonly GaveWay[] };

/**
 * A ready plan for these people and this bag: what cannot be done gives way to what is most like it, or goes where there is nothing like it;
 * then everything is mended that can be.
 */
export function fittedTo(ready: Plan, given: DraftGiven): Fitted {
  const facts = draftFactsOf(given);
  const wish = plainWish(given.facts.slotMs);
  const options = draftOptions(facts, wish);
  const { catalogue } = facts.context;
  const gaveWay: GaveWay[] = [];
  const instead = new Map<string, Option[]>();
  const taken = new Set(movementRows(ready).map((r) => r.movementId));
  for (const id of new Set(taken)) {
    const movement = catalogue.movement(id);
    const why = movement ? whyNotDrafted(movement, facts.context, wish) : 'it is not in the catalogue';
    if (why === null || ENDING.some((e) => e === id)) continue;
    taken.delete(id);
    const other = movement ? mostAlike(movement, options, taken, facts) : null;
    if (other) taken.add(other.id);
    instead.set(id, other ? options.filter((o) => o.movement.id === other.id) : []);
    gaveWay.push({ movementId: id, to: other?.id ?? null, why });
  }
  /** What cannot stay in its section for its kind of work goes to the section of that. */
  const moved: { readonly kind: SectionKind; readonly row: Row }[] = [];
  const swapped = (row: Row): readonly Row[] => {
    const doses = row.kind === 'movement' ? instead.get(row.movementId) : undefined;
    if (row.kind !== 'movement' || doses === undefined) return [row];
    const ms = doseTiming(row.dose, { breathMs: given.breathMs, slowFirst: false }).totalMs;
    const nearest = [...doses].sort((a, b) => distance(a, ms) - distance(b, ms))[0];
    if (!nearest) return [];
    const other: Row = { ...row, movementId: nearest.movement.id, dose: nearest.dose };
    if (nearest.movement.effort === catalogue.movement(row.movementId)?.effort) return [other];
    moved.push({ kind: sectionOf(nearest.movement), row: other });
    return [];
  };
  const stayed = ready.sections.map((s) => ({ ...s, rows: s.rows.flatMap(swapped) }));
  const sections = stayed.map((s, i) => {
    const isFirst = i === stayed.findIndex((other) => other.kind === s.kind);
    return isFirst
      ? { ...s, rows: [...s.rows, ...moved.filter((m) => m.kind === s.kind).map((m) => m.row)] }
      : s;
  });
  const { breathMs, wayIn } = given;
  const plan = { ...ready, breathMs, ...(wayIn && { wayIn }), sections };
  return { plan: mended(inTime(plan, given.facts), given.facts), gaveWay };
}

/** So much of the slot is left for what the mends put in, as a share. */
const SPARE = 0.05;

/** Without the last of what is done once more, as far as there is no time for it. */
function inTime(plan: Plan, facts: ClassFacts): Plan {
  const again = plan.sections.find((s) => s.name === ONCE_MORE_NAME);
  const last = again?.rows.findLast((row) => row.kind === 'movement');
  if (!again || !last || contextOf(plan, facts).timing.totalMs <= facts.slotMs * (1 - SPARE)) return plan;
  const rows = again.rows.filter((row) => row !== last);
  return inTime({ ...plan, sections: plan.sections.map((s) => (s === again ? { ...s, rows } : s)) }, facts);
}

const distance = ({ minutes }: Option, ms: number): number => Math.abs(minutes * 60_000 - ms);

/**
 * What it costs that another movement has another purpose, is another kind of work, leaves a place of the hand unmoved, or comes on its
 * ladder after one that this group has neither been shown nor does.
 */
const UNLIKE = { purpose: 3, effort: 4, place: 9, joint: -1, otherJoint: 1, aheadOfLadder: 6 } as const;

/** Of what may be done and is not in yet, what is most like a movement and moves what would not be moved without it. */
function mostAlike(
  movement: Movement,
  options: readonly Option[],
  taken: ReadonlySet<string>,
  { context, shown }: DraftFacts,
): Movement | null {
  const others = options.filter((o) => taken.has(o.movement.id));
  const missing = spotsOf(movement, context).filter((id) => !others.some((o) => o.spots.includes(id)));
  const isAheadOfLadder = (m: Movement) =>
    m.follows.some(
      (id) => context.catalogue.movement(id)?.effort === m.effort && !shown.has(id) && !taken.has(id),
    );
  const unlike = ({ movement: m, spots, out }: Option) =>
    (m.purpose === movement.purpose ? 0 : UNLIKE.purpose) +
    (m.effort === movement.effort ? 0 : UNLIKE.effort) +
    UNLIKE.place * missing.filter((id) => !spots.includes(id)).length +
    (isAheadOfLadder(m) ? UNLIKE.aheadOfLadder : 0) +
    UNLIKE.joint * m.joints.filter((joint) => movement.joints.includes(joint)).length +
    UNLIKE.otherJoint * m.joints.filter((joint) => !movement.joints.includes(joint)).length +
    out.size / 100;
  const found = options
    .filter((o) => !taken.has(o.movement.id) && o.movement.id !== movement.id)
    .filter((o) => o.movement.joints.some((joint) => movement.joints.includes(joint)))
    .sort((a, b) => unlike(a) - unlike(b) || (a.key < b.key ? -1 : 1));
  return found[0]?.movement ?? null;
}
