import {
  checkWithReserve,
  contextOf,
  emptyPlan,
  movementRows,
  placedRows,
  SOMETHING_TO_DO,
  type ClassFacts,
  type Finding,
  type Plan,
  type UsualWayIn,
} from '../plan';
import { fullName } from '../people';
import { fail, ok, type Result } from '../result';
import { arrange } from './arrange';
import { asPlanned, takenBack } from './as-planned';
import { clashOf } from './clash';
import { limitsOf } from './limits';
import { modelText, peopleWithLittle } from './model';
import { draftOptions, type DraftFacts } from './option';
import { roomFor } from './budget';
import { scoreOf } from './score';
import { filled } from './mended';
import { tasksNotIn, wantedTasksOf, type TaskLine } from './tasks';
import { alternativesOf, type Instead } from './alternatives';
import { holdsWords, whysOf } from './why';
import { changesTooLittle } from './worth';
import type { Solve } from './answer';
import type { DraftWish } from './wish';

type DraftedRow = {
  readonly movementId: string;
  readonly why: string;
  readonly instead: Instead | null;
};

export type Draft = {
  readonly plan: Plan;
  readonly lengthMs: number;
  readonly score: number;
  /** The same in words: minutes of each purpose. */
  readonly holds: string;
  /** The selection is proven to be within the solver's gap of the best. */
  readonly proven: boolean;
  readonly rows: readonly DraftedRow[];
  /** What kept the score from being higher. */
  readonly limits: readonly string[];
  /** What people want to do again and nothing in it practises, each with why. */
  readonly tasksNotIn: readonly string[];
  /** Who has too little to do in it and would have in any: hardly anything that these people could do is open to them. */
  readonly tooLittleFor: readonly string[];
};

/** How often a row that breaks a must is left out and the rest drafted again. */
const ATTEMPTS = 12;

/** The class, the taught plans of the last four weeks, one breath in ms, and the table of everyday tasks. */
export type DraftGiven = {
  readonly facts: ClassFacts;
  readonly lately: readonly Plan[];
  readonly breathMs: number;
  /** The usual way in of the class; as plans were timed before where nothing is said. */
  readonly wayIn?: UsualWayIn | undefined;
  readonly tasks: readonly TaskLine[];
};

/** The best class by the stated score that breaks no must rule. */
export function draftClass(given: DraftGiven, wish: DraftWish, solve: Solve): Result<Draft> {
  const draftFacts = draftFactsOf(given);
  const facts = { ...given.facts, slotMs: wish.lengthMs };
  const all = draftOptions(draftFacts, wish);
  let banned: readonly string[] = [];
  let asBefore: readonly string[] = [];
  let first: (() => Draft) | null = null;
  for (let attempt = 0; attempt < ATTEMPTS;) {
    const options = all.filter(
      ({ movement: { id }, step }) => !banned.includes(id) && (step !== 'more' || !asBefore.includes(id)),
    );
    const room = roomFor(draftFacts.context, wish, attempt);
    const solved = solve(modelText(options, draftFacts.context, wish, room));
    // What fitted before rows were left out, or with other rows beside a swap, is no clash of wishes.
    if (!solved && attempt + asBefore.length + wish.stays.length > 0) break;
    if (!solved) return clashOf(draftFacts, wish, given.facts.slotMs, solve);
    const chosen = options.filter((o) => solved.taken.has(o.key));
    const plan = filled(arrange(chosen, facts.catalogue, given), facts, wish.lengthMs);
    const idle = peopleWithLittle(options, draftFacts.context);
    const worst = breaking(plan, facts, new Set(idle.map((p) => p.id)));
    if (worst.length === 0) {
      const { context } = draftFacts;
      const drafted = asPlanned(chosen, plan, context);
      const draft = (): Draft => {
        const whys = whysOf(drafted, wish, context);
        const instead = alternativesOf(chosen, options, context, wish, room);
        return {
          plan,
          lengthMs: contextOf(plan, facts).timing.totalMs,
          score: scoreOf(chosen, wish),
          holds: holdsWords(drafted, wish),
          proven: solved.proven,
          limits: limitsOf(chosen, options, context, wish, room),
          tasksNotIn: tasksNotIn(plan, options, draftFacts, wish, given.tasks),
          tooLittleFor: idle.map(fullName),
          rows: drafted.map(({ movement: { id } }) => ({
            movementId: id,
            why: whys.get(id)!,
            instead: instead.get(id) ?? null,
          })),
        };
      };
      // The rules look at each person, the model at the class: what may not rise leaves the change to something else. With a swap
      // the others stay as they are.
      const back = wish.stays.length > 0 ? [] : takenBack(chosen, drafted);
      if (back.length === 0 || !changesTooLittle(drafted, context)) return ok(draft());
      first ??= draft;
      asBefore = [...asBefore, ...back];
      continue;
    }
    const guilty = worst.filter(
      (id) =>
        !wish.pinned.includes(id) && !wish.stays.includes(id) && chosen.some((o) => o.movement.id === id),
    );
    // One row at first; where the same trouble comes back in another dress, all that share it.
    banned = [...banned, ...(attempt < 2 ? guilty.slice(-1) : guilty)];
    attempt++;
  }
  if (first) return ok(first());
  if (wish.stays.length > 0) return draftClass(given, { ...wish, stays: [] }, solve);
  return fail(
    'no-draft',
    'No class was found that breaks no must rule. Give it more time, or unpin something.',
  );
}

/** All that the options of a draft hang on. */
export function draftFactsOf({ facts, lately, breathMs, wayIn, tasks }: DraftGiven): DraftFacts {
  const empty = { ...emptyPlan(), breathMs, ...(wayIn && { wayIn }) };
  return {
    context: contextOf(empty, facts),
    shown: new Set(facts.shown),
    wantedTasks: wantedTasksOf(facts.people, tasks),
    lately: new Set(lately.flatMap((p) => movementRows(p).map((r) => r.movementId))),
  };
}

/** Movements in rows that still break a must, in running order; that somebody of the `idle` has nothing to do breaks none. */
function breaking(plan: Plan, facts: ClassFacts, idle: ReadonlySet<string>): readonly string[] {
  const { findings } = checkWithReserve(plan, facts);
  const musts = findings.filter((f) => f.severity === 'must' && !isOf(f, idle));
  const rowIds = new Set(musts.flatMap((f) => f.rowIds));
  const isMust = musts.length > 0;
  const ids = placedRows(plan).flatMap(({ row }) =>
    row.kind === 'movement' && rowIds.has(row.id) ? [row.movementId] : [],
  );
  return isMust && ids.length === 0 ? ['-'] : ids;
}

const isOf = ({ code, personIds }: Finding, people: ReadonlySet<string>): boolean =>
  code === SOMETHING_TO_DO && personIds.every((id) => people.has(id));
