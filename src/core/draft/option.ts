import { isEffort, type Movement } from '../catalogue';
import { doseTiming, type Dose, PACE } from '../dose';
import { coverageOf, HAND_SPOTS } from '../hand';
import {
  baselineWords,
  isFirstClass,
  leftOutIn,
  movedAt,
  movementRows,
  rowVolume,
  type RuleContext,
  type Volume,
  isLearnedMoving,
  wayInOf,
  takenMs,
  wayInPart,
} from '../plan';
import { groupBy } from '../group';
import { nameList } from '../words';
import { draftDoses, type DraftDose } from './doses';
import { whyNotDrafted } from './may-draft';
import { WEIGHTS } from './weights';
import { FOCUS_PURPOSE, type DraftWish } from './wish';

type Reason = {
  readonly worth: number;
  readonly words: string;
  /** How many it serves, which every row has. */
  readonly isService?: boolean;
};

/** A movement at a dose that a draft may take, with what it costs and what it is worth. */
export type Option = {
  readonly key: string;
  readonly movement: Movement;
  readonly dose: Dose;
  readonly isNew: boolean;
  /** How the dose stands to that of the baseline. */
  readonly step: DraftDose['step'];
  readonly costMs: number;
  /** Minutes of work in the hands, explaining left out. */
  readonly minutes: number;
  /** Rows that are alike have the same: the kind of work and the joint it begins with. */
  readonly likeness: string;
  /** Ids of people with nothing to do. */
  readonly out: ReadonlySet<string>;
  /** Spots of the hand that it moves on both sides. */
  readonly spots: readonly string[];
  readonly volume: Volume;
  readonly worth: number;
  /** Why it is worth that, the heaviest first. */
  readonly reasons: readonly Reason[];
};

/** The options of each movement, of which at most one is taken: one line for all of them bounds a model more tightly than one for each. */
export const byMovement = (options: readonly Option[]) =>
  [...groupBy(options, (o) => o.movement.id).values()].map((same) => ({ movement: same[0]!.movement, same }));

/** What a draft knows besides the plan: the rule context of the class, what was done lately, the wish. */
export type DraftFacts = {
  readonly context: RuleContext;
  readonly shown: ReadonlySet<string>;
  /** Movements of the taught classes of the last four weeks. */
  readonly lately: ReadonlySet<string>;
  /** What people want to be able to do, each with the movements that practise it. */
  readonly wantedTasks: readonly WantedTask[];
};

export type WantedTask = { readonly task: string; readonly movementIds: readonly string[] };

/** A dose is not raised beyond so many minutes of work. */
const LONGEST_ROW_MIN = 3;
/** So many joints at once are simple. */
const FEW_JOINTS = 2;

/** Every movement that may be drafted at all, at each dose that it may have. */
export function draftOptions(facts: DraftFacts, wish: DraftWish): readonly Option[] {
  const { catalogue } = facts.context;
  return catalogue.movements.flatMap((movement, i) => {
    if (whyNotDrafted(movement, facts.context, wish) !== null) return [];
    const isNew = !facts.shown.has(movement.id);
    return draftDoses(movement, baselineDose(movement, facts), isNew)
      .map((of, j) => optionOf(`x${i}_${j}`, movement, of, isNew, facts, wish))
      .filter((o, j) => j === 0 || o.step === 'less' || o.minutes <= LONGEST_ROW_MIN);
  });
}

const baselineDose = (movement: Movement, { context }: DraftFacts): Dose | null =>
  (context.baseline && movementRows(context.baseline.plan).find((r) => r.movementId === movement.id)?.dose) ??
  null;

function optionOf(
  key: string,
  movement: Movement,
  { dose, step }: DraftDose,
  isNew: boolean,
  facts: DraftFacts,
  wish: DraftWish,
): Option {
  const { context } = facts;
  const { newMs, knownMs } = wayInOf(context.plan);
  const plannedWayInMs = isNew ? newMs : knownMs;
  const slowFirst = isLearnedMoving(isNew, plannedWayInMs);
  const plannedMs = doseTiming(dose, { breathMs: context.plan.breathMs, slowFirst }).totalMs;
  const wayInMs = takenMs(context.pace, wayInPart({ isNew }), plannedWayInMs);
  const countMs = takenMs(context.pace, movement.effort, plannedMs);
  const out = leftOutIn(context.judge(movement, { dose }));
  const volume = rowVolume(movement, dose, null);
  const reasons = [
    ...reasonsFor(movement, step, facts, wish, out.size),
    ...(volume.loading > 0
      ? [{ worth: loadingWorth(volume.loading, wish), words: 'it loads the wrists, which bone answers to' }]
      : []),
  ];
  return {
    key,
    movement,
    dose,
    isNew,
    step,
    minutes: plannedMs / 60_000,
    likeness: `${movement.effort} ${movement.joints[0] ?? ''}`,
    costMs: wayInMs + countMs + (isEffort(movement) ? PACE.shakeOutMs : 0),
    out,
    spots: spotsOf(movement, context, dose),
    volume,
    worth:
      reasons.reduce((n, r) => n + r.worth, 0) +
      WEIGHTS.furtherJoint * Math.max(0, movement.joints.length - FEW_JOINTS) +
      tieBreak(wish.seed, movement.id),
    reasons: [...reasons].sort((a, b) => b.worth - a.worth),
  };
}

/** The spots of the hand that a movement moves on both sides. */
export function spotsOf(
  movement: Movement,
  { catalogue }: RuleContext,
  dose: Dose = movement.dose,
): readonly string[] {
  const figure = catalogue.figure(movement.id);
  const moved = figure && movedAt(coverageOf(figure, dose));
  return HAND_SPOTS.flatMap(({ id }) => (moved?.L[id] && moved.R[id] ? [id] : []));
}

function reasonsFor(
  movement: Movement,
  step: DraftDose['step'],
  { context, lately, wantedTasks }: DraftFacts,
  wish: DraftWish,
  out: number,
): Option['reasons'] {
  const { people, baseline } = context;
  const served = people.length === 0 ? 1 : 1 - out / people.length;
  const purposes = wish.focus.map((f) => FOCUS_PURPOSE[f]);
  const inFocus = purposes.includes(movement.purpose) || movement.also.some((p) => purposes.includes(p));
  const goesOn = step !== 'not done then';
  const builtOn = context.catalogue.movements.filter((m) => m.follows.includes(movement.id)).length;
  const foundation = isFirstClass(context) ? WEIGHTS.firstFoundation : WEIGHTS.foundation;
  const tasks = wantedTasks.filter((t) => t.movementIds.includes(movement.id)).map((t) => t.task);
  return [
    {
      worth: served * WEIGHTS.served,
      words:
        out === 0
          ? 'everybody has something to do in it'
          : `${people.length - out} of ${people.length} have something to do in it`,
      isService: true,
    },
    ...(builtOn > 0
      ? [{ worth: foundation * Math.log2(1 + builtOn), words: 'other movements build on it' }]
      : []),
    ...(wish.kept.includes(movement.id) ? [{ worth: WEIGHTS.kept, words: 'it is in the plan already' }] : []),
    ...(inFocus ? [{ worth: WEIGHTS.focus, words: 'it is what the class is to be about' }] : []),
    ...(goesOn && baseline
      ? [{ worth: WEIGHTS.goesOn, words: `it goes on from ${baselineWords(baseline)}` }]
      : []),
    ...(step === 'more' && baseline
      ? [{ worth: WEIGHTS.raised, words: `it asks a little more than ${baselineWords(baseline)}` }]
      : []),
    ...(!goesOn && !lately.has(movement.id) && lately.size > 0
      ? [{ worth: WEIGHTS.notLately, words: 'it was not done in the last four weeks' }]
      : []),
    ...(tasks.length > 0
      ? [{ worth: WEIGHTS.wantedTask, words: `it practises what is wished for: ${nameList(tasks)}` }]
      : []),
  ];
}

const loadingWorth = (index: number, { focus }: DraftWish): number =>
  focus.includes('bone') ? WEIGHTS.loadingIndex * index : WEIGHTS.loading;

/** A little by seed, so that two drafts of equal worth may differ; under what any reason weighs. */
function tieBreak(seed: number, id: string): number {
  let h = 2166136261 ^ seed;
  for (let i = 0; i < id.length; i++) h = Math.imul(h ^ id.charCodeAt(i), 16777619);
  return ((h >>> 0) / 4294967296) * 0.05;
}
