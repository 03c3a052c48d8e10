import type { ClassFacts } from '../plan/check';
import { checkWithReserve, contextOf } from '../plan/check';
import { mendEffect } from '../plan/mend-effect';
import { planVolume, type Volume } from '../plan/volume';
import { emptyPlan, placedRows, type Plan } from '../plan/plan';
import { planTiming } from '../plan/timing';
import { applyStep } from '../plan/step';
import { HAND_SPOTS } from '../hand/spots';
import { fail, ok, type Result } from '../result';
import { nameList, plural } from '../words';
import { arrange } from './arrange';
import { waterBreaks, WATER_MS } from './frame';
import { modelText, MOST_NEW, MOST_PROPS, mostRows, type Room } from './model';
import { draftOptions, type DraftFacts, type Option } from './option';
import { scoreOf } from './score';
import type { DraftWish } from './wish';

/** Answers a model in LP text: the names of the variables that are taken, or null where nothing fits. */
export type Solve = (lp: string) => { readonly taken: ReadonlySet<string>; readonly proven: boolean } | null;

export type DraftedRow = {
  readonly movementId: string;
  readonly why: string;
  readonly instead: Instead | null;
};

/** What could stand in a row's place, and what that costs of the score. */
export type Instead = { readonly movementId: string; readonly cost: number };

export type Draft = {
  readonly plan: Plan;
  readonly lengthMs: number;
  readonly score: number;
  /** The selection is proven to be within the solver's gap of the best. */
  readonly proven: boolean;
  readonly rows: readonly DraftedRow[];
  /** What kept the score from being higher. */
  readonly limits: readonly string[];
};

/** How often a row that breaks a must is left out and the rest drafted again. */
const ATTEMPTS = 12;
const GENTLE_RISE = 1.08;

/** The best class by the stated score that breaks no must rule. */
export function draftClass(
  facts: ClassFacts,
  lately: readonly Plan[],
  wish: DraftWish,
  solve: Solve,
  breathMs = 5_000,
): Result<Draft> {
  const draftFacts = factsOf(facts, lately, breathMs);
  let banned = [...wish.banned];
  for (let attempt = 0; attempt < ATTEMPTS; attempt++) {
    const options = draftOptions(draftFacts, { ...wish, banned });
    const room = roomFor(facts, draftFacts, wish, breathMs, attempt);
    const solved = solve(modelText(options, draftFacts.context, wish, room));
    if (!solved) return cannot(draftFacts, wish, facts, breathMs, solve);
    const chosen = options.filter((o) => solved.taken.has(o.key));
    const plan = mended(arrange(chosen, facts.catalogue, breathMs), { ...facts, slotMs: wish.lengthMs });
    const worst = breaking(plan, { ...facts, slotMs: wish.lengthMs });
    if (worst.length === 0)
      return ok({
        plan,
        score: scoreOf(chosen),
        proven: solved.proven,
        lengthMs: planLengthMs(plan, facts),
        limits: limitsOf(chosen, draftFacts, planLengthMs(plan, facts), wish),
        rows: chosen.map((o) => ({
          movementId: o.movement.id,
          why: whyOf(o, chosen, wish),
          instead: insteadOf(o, chosen, options),
        })),
      });
    const guilty = worst.filter(
      (id) => !wish.pinned.includes(id) && chosen.some((o) => o.movement.id === id),
    );
    // One row at first; where the same trouble comes back in another dress, all that share it.
    banned = [...banned, ...(attempt < 2 ? guilty.slice(-1) : guilty)];
  }
  return fail(
    'no-draft',
    'No class was found that breaks no must rule. Give it more time, or unpin something.',
  );
}

/** Limits of the model that the selection stands against. */
function limitsOf(
  chosen: readonly Option[],
  { context }: DraftFacts,
  lengthMs: number,
  wish: DraftWish,
): readonly string[] {
  const props = new Set(chosen.flatMap((o) => o.movement.propId ?? []));
  const fresh = chosen.filter((o) => o.isNew).length;
  const share = (id: string) => chosen.filter((o) => o.out.includes(id)).length / Math.max(1, chosen.length);
  const tight = context.people.filter((p) => share(p.id) > 0.12).length;
  return [
    ...(wish.lengthMs - lengthMs < 120_000 ? ['the time'] : []),
    ...(chosen.length >= mostRows(wish.lengthMs) ? ['rows that are long enough to be worth explaining'] : []),
    ...(props.size >= MOST_PROPS ? [`${MOST_PROPS} props at the most`] : []),
    ...(!context.firstClass && fresh >= MOST_NEW ? [`${MOST_NEW} new movements at the most`] : []),
    ...(tight > 0 ? [`${plural(tight, 'person', 'people')} who would have too little to do`] : []),
    ...(context.last ? ['what was done last time, from which the load rises gently'] : []),
  ];
}

const planLengthMs = (plan: Plan, facts: ClassFacts): number => contextOf(plan, facts).timing.totalMs;

/** A wish that can be dropped when they cannot all be met. */
type Droppable = { readonly words: string; readonly without: (wish: DraftWish) => DraftWish };

function droppable({ pinned, withoutProps, lengthMs }: DraftWish, facts: ClassFacts): readonly Droppable[] {
  const name = (id: string) => facts.catalogue.movement(id)?.name.toLowerCase() ?? 'a movement nobody knows';
  return [
    ...pinned.map((id) => ({
      words: `the pin on ${name(id)}`,
      without: (w: DraftWish) => ({ ...w, pinned: w.pinned.filter((p) => p !== id) }),
    })),
    ...(withoutProps
      ? [{ words: 'doing without props', without: (w: DraftWish) => ({ ...w, withoutProps: false }) }]
      : []),
    ...(lengthMs < facts.slotMs
      ? [{ words: 'the shorter length', without: (w: DraftWish) => ({ ...w, lengthMs: facts.slotMs }) }]
      : []),
  ];
}

/** Why nothing fits: the smallest set of wishes without which something does. */
function cannot(
  draftFacts: DraftFacts,
  wish: DraftWish,
  facts: ClassFacts,
  breathMs: number,
  solve: Solve,
): Result<Draft> {
  const fits = (w: DraftWish): boolean => {
    const options = draftOptions(draftFacts, w);
    return (
      solve(modelText(options, draftFacts.context, w, roomFor(facts, draftFacts, w, breathMs, 0))) !== null
    );
  };
  const wishes = droppable(wish, facts);
  const sets = [
    ...wishes.map((w) => [w]),
    ...wishes.flatMap((a, i) => wishes.slice(i + 1).map((b) => [a, b])),
  ];
  const found = sets.find((set) => fits(set.reduce((w, d) => d.without(w), wish)));
  return fail(
    'no-draft',
    found
      ? `These wishes cannot all be met. Leave out ${found.map((d) => d.words).join(' and ')}, and a class can be drafted.`
      : 'No class fits this time and these people. Give it more time, or bring fewer wishes.',
  );
}

function factsOf(facts: ClassFacts, lately: readonly Plan[], breathMs: number): DraftFacts {
  const empty = { ...emptyPlan(), breathMs };
  return {
    context: contextOf(empty, facts),
    shown: new Set(facts.shown),
    lately: new Set(
      lately.flatMap((p) =>
        placedRows(p).flatMap(({ row }) => (row.kind === 'movement' ? [row.movementId] : [])),
      ),
    ),
  };
}

/** Time for drafted rows: the length less the frame, a little less at each attempt, since mends put rows in. */
function roomFor(
  facts: ClassFacts,
  { context }: DraftFacts,
  wish: DraftWish,
  breathMs: number,
  attempt: number,
): Room {
  const frame = arrange([], facts.catalogue, breathMs);
  const lengthOf = (plan: Plan) =>
    planTiming(plan, {
      catalogue: facts.catalogue,
      people: context.people.length,
      helpers: facts.helpers,
      shown: new Set(facts.shown),
    }).totalMs;
  const waterMs = waterBreaks(wish.lengthMs) * WATER_MS;
  const last: Volume | null = facts.last && planVolume(facts.last, facts.catalogue);
  const most = (n: number | undefined) => (n ? n * GENTLE_RISE : null);
  return {
    timeMs: (wish.lengthMs - lengthOf(frame) - waterMs) * (0.97 - attempt * 0.03),
    afterLoadingMs: 60_000,
    volumeMost: { resisted: most(last?.resisted), loading: most(last?.loading) },
  };
}

const MOST_MENDS = 24;

/** The plan with every must mended that can be, and water where it is due. */
function mended(start: Plan, facts: ClassFacts): Plan {
  let plan = start;
  for (let i = 0; i < MOST_MENDS; i++) {
    const check = checkWithReserve(plan, facts);
    const due = check.findings.filter((f) => f.severity === 'must' || f.code === 'R2' || f.code === 'O8');
    const step = due.flatMap((f) =>
      f.mend && mendEffect(plan, facts, check, f.mend) ? [f.mend.step] : [],
    )[0];
    const applied = step && applyStep(plan, step);
    if (!applied?.ok) return plan;
    plan = applied.value.plan;
  }
  return plan;
}

/** Movements in rows that still break a must, in running order. */
function breaking(plan: Plan, facts: ClassFacts): readonly string[] {
  const { findings } = checkWithReserve(plan, facts);
  const rowIds = new Set(findings.flatMap((f) => (f.severity === 'must' ? f.rowIds : [])));
  const isMust = findings.some((f) => f.severity === 'must');
  const ids = placedRows(plan).flatMap(({ row }) =>
    row.kind === 'movement' && rowIds.has(row.id) ? [row.movementId] : [],
  );
  return isMust && ids.length === 0 ? ['-'] : ids;
}

/** One sentence, from what weighs most: the wish, then what nothing else in the class moves, then how many it serves. */
function whyOf(row: Option, chosen: readonly Option[], { pinned }: DraftWish): string {
  if (pinned.includes(row.movement.id)) return 'Here because it was pinned.';
  const [own] = row.reasons.filter((r) => !r.isService);
  if (own) return `Here because ${own.words}.`;
  const others = chosen.filter((o) => o !== row);
  const alone = HAND_SPOTS.filter(
    (s) => row.spots.includes(s.id) && !others.some((o) => o.spots.includes(s.id)),
  );
  if (alone.length > 0)
    return `Here because nothing else in the class moves the ${nameList(alone.map((s) => s.name))}.`;
  if (row.spots.length > 0)
    return `Here because it moves ${plural(row.spots.length, 'place')} of both hands.`;
  return `Here because ${row.reasons[0]?.words ?? 'everybody can do it'}.`;
}

/** The option of the same kind that would cost least in its place. */
function insteadOf(row: Option, chosen: readonly Option[], options: readonly Option[]): Instead | null {
  const rest = chosen.filter((o) => o !== row);
  const now = scoreOf(chosen);
  const taken = new Set(chosen.map((o) => o.movement.id));
  const others = options
    .filter((o) => !taken.has(o.movement.id) && o.movement.effort === row.movement.effort)
    .filter((o) => o.costMs <= row.costMs + 15_000 && o.movement.propId === row.movement.propId)
    .map((o) => ({ movementId: o.movement.id, cost: Math.max(0, now - scoreOf([...rest, o])) }))
    .sort((a, b) => a.cost - b.cost);
  return others[0] ?? null;
}
