import { plural } from '../words';

/** How one person did one movement of a class. */
export type MovementDone = {
  readonly movementId: string;
  /** Done as shown. */
  readonly completed: boolean;
  /** And at the most that its dose gives as its range. */
  readonly atTop: boolean;
};

/** How one person came through one class in one family of movements. */
export type Outcome = {
  /** ISO day. */
  readonly day: string;
  readonly present: boolean;
  /** A joint was in flare at that class; such a class says nothing of moving on. */
  readonly inFlare?: boolean;
  /** What of the family this person had open; none where the class had nothing of it, or all was swapped or left out for them. */
  readonly movements: readonly MovementDone[];
  /** Borg CR10; null where nobody said. */
  readonly effort: number | null;
  /** Pain after less pain before, the hand in which it rose more; null where nobody said. */
  readonly painRise: number | null;
  /** More pain two hours later or the next morning; null where nobody asked. */
  readonly worseLater: boolean | null;
  /** How often a watch-point was ticked. */
  readonly formLost: number;
};

export type ProgressState = {
  /** A joint of this family is in flare now. */
  readonly flare: boolean;
  /** A flare has settled, and the restart after it has not been taken yet, whatever was missed since. */
  readonly flareSettled: boolean;
  /** The most effort this week is to ask, 0 to 10. */
  readonly effortTarget: number;
  /** Rungs taken back already for the classes missed in a row up to now. */
  readonly backWhileAway: number;
};

export type DecisionKind = 'move on' | 'stay' | 'step back' | 'flare' | 'start over';

/** A proposal for one person in one family, with its reasons; nothing moves by itself. */
export type Decision = {
  readonly kind: DecisionKind;
  /** Rungs up, or down below 0; null for starting over at the gentlest. A flare leaves the rung for when it has settled. */
  readonly rungs: number | null;
  /** The movements it is about, where it is not all of the family. */
  readonly only?: readonly string[];
  readonly reasons: readonly string[];
};

/** Effort at which a movement counts as easy. */
const EASY = 4;
const PAIN_ROSE = 2;
const OVER_TARGET = 2;
const FORM_LOST = 2;
/** Classes missed in a row after which one starts over. */
const LONG_BREAK = 6;
/** A family of more movements than this goes on movement by movement. */
const TOGETHER = 4;

/**
 * What the rules of progress propose after a class; the gentlest answer that applies is given.
 * `outcomes` are this person's classes of the series so far, oldest first, classes missed among them.
 */
export function decide(outcomes: readonly Outcome[], standing: ProgressState): Decision {
  if (standing.flare)
    return {
      kind: 'flare',
      rungs: 0,
      reasons: ['a joint is in flare: active movement and glides only until it has settled'],
    };
  const missed = missedNow(outcomes);
  if (missed >= LONG_BREAK)
    return {
      kind: 'start over',
      rungs: null,
      reasons: [
        `${plural(missed, 'class', 'classes')} missed in a row: begin again, the old best is kept for reference`,
      ],
    };
  const backs = [
    ...(standing.flareSettled ? [RESTART] : []),
    ...(missed > 0 ? [away(missed, standing.backWhileAway)] : []),
  ];
  if (backs.length > 0) return largerStepBack(backs);
  const last = outcomes.at(-1);
  if (!last) return stay('no class has been taught yet');
  if (last.movements.length === 0) return stay('nothing of it was theirs to do as it stands');
  const back = reasonsToStepBack(last, standing);
  if (back.length > 0) return { kind: 'step back', rungs: -1, reasons: back };
  const came = sinceAbsence(outcomes).filter((o) => o.present && !o.inFlare && o.movements.length > 0);
  const held = reasonsToStay(came.slice(-2), standing);
  if (held.length > 0) return stay(...held);
  return moveOn(came);
}

const stay = (...reasons: readonly string[]): Decision => ({ kind: 'stay', rungs: 0, reasons });

/** Two classes missed in a row were a step back; what was done before them does not count towards moving on. */
function sinceAbsence(outcomes: readonly Outcome[]): readonly Outcome[] {
  const end = outcomes.findLastIndex((o, i) => !o.present && outcomes[i - 1]?.present === false);
  return outcomes.slice(end + 1);
}

/** Whoever felt well in the last two classes goes on when what was theirs was done in full at the top of its range. */
function moveOn(came: readonly Outcome[]): Decision {
  const now = came.at(-1)!.movements;
  const lastTwo = came.slice(-2);
  const all = lastTwo.flatMap((o) => o.movements);
  if (now.length > TOGETHER) return moveOnOneByOne(came, now);
  if (all.some((m) => !m.completed)) return stay('not all was done as shown in the last two classes');
  if (all.some((m) => !m.atTop)) return stay('raise the count first, then the rung');
  const reasons = [
    `the last two classes were done in full at the top of the range, easily${afterwards(lastTwo)}`,
  ];
  return { kind: 'move on', rungs: 1, reasons };
}

/** Of a large family goes on what was done in full at the top of its range, twice running. */
function moveOnOneByOne(came: readonly Outcome[], now: readonly MovementDone[]): Decision {
  const ready = now.map((m) => m.movementId).filter((id) => twiceAtTop(came, id));
  if (ready.length === 0) return stay('no movement was done in full twice running at the top of its range');
  return {
    kind: 'move on',
    rungs: 1,
    ...(ready.length < now.length && { only: ready }),
    reasons: [
      `${ready.length} of ${now.length} movements were done in full twice running at the top of the range, easily${afterwards(came.slice(-2))}`,
    ],
  };
}

function twiceAtTop(came: readonly Outcome[], movementId: string): boolean {
  const own = came.flatMap((o) => o.movements.filter((m) => m.movementId === movementId)).slice(-2);
  return own.length === 2 && own.every((m) => m.atTop);
}

/** How the hands were after it; what nobody asked is not called quiet. */
const afterwards = (lastTwo: readonly Outcome[]): string =>
  lastTwo.every((o) => o.worseLater === false)
    ? ', and the hands were quiet afterwards'
    : '; how the hands were later was not asked each time';

const RESTART: Decision = {
  kind: 'step back',
  rungs: -2,
  reasons: ['a flare has settled: begin again two rungs lower'],
};

/** Where two answers apply, the larger step back is taken; the reasons of both stand. */
function largerStepBack(answers: readonly Decision[]): Decision {
  const larger = answers.reduce((a, b) => ((b.rungs ?? 0) < (a.rungs ?? 0) ? b : a));
  return { ...larger, reasons: answers.flatMap((a) => a.reasons) };
}

/** Classes missed in a row up to now. */
function missedNow(outcomes: readonly Outcome[]): number {
  const lastPresent = outcomes.findLastIndex((o) => o.present);
  return lastPresent < 0 ? 0 : outcomes.length - 1 - lastPresent;
}

/** Two classes missed are one rung back, three or more are two, whatever was taken back for them before counts. */
function away(missed: number, taken: number): Decision {
  const due = missed === 1 ? 0 : missed === 2 ? 1 : 2;
  const back = Math.max(0, due - taken);
  const words = plural(missed, 'class', 'classes');
  if (due === 0) return { kind: 'stay', rungs: 0, reasons: [`${words} missed: the same rung`] };
  const shown = due === 2 ? ', and the movements shown again' : '';
  const all = `${words} missed: ${plural(due, 'rung')} back in all${shown}`;
  return back === 0
    ? { kind: 'stay', rungs: 0, reasons: [`${all}, which was done`] }
    : { kind: 'step back', rungs: -back, reasons: [all] };
}

function reasonsToStepBack(
  { painRise, worseLater, effort, formLost }: Outcome,
  { effortTarget }: ProgressState,
): string[] {
  return [
    ...(painRise !== null && painRise >= PAIN_ROSE ? [`pain rose by ${painRise}`] : []),
    ...(worseLater ? ['pain was still up afterwards'] : []),
    ...(effort !== null && effort >= effortTarget + OVER_TARGET
      ? [`effort ${effort} of 10 where the week asks at most ${effortTarget}`]
      : []),
    ...(formLost >= FORM_LOST ? ['form was lost twice'] : []),
  ];
}

/** Everything that keeps somebody where they are: unknown counts as not yet. */
function reasonsToStay(lastTwo: readonly Outcome[], { effortTarget }: ProgressState): string[] {
  if (lastTwo.length < 2) return ['two classes are needed to tell'];
  const easy = Math.max(EASY, effortTarget);
  const some = (fits: (o: Outcome) => boolean) => lastTwo.some(fits);
  return [
    ...(some((o) => o.effort === null) ? ['effort is not known for the last two classes'] : []),
    ...(some((o) => o.effort !== null && o.effort > easy) ? [`effort was over ${easy} of 10`] : []),
    ...(some((o) => o.painRise === null)
      ? ['pain before and after is not known for the last two classes']
      : []),
    ...(some((o) => o.painRise !== null && o.painRise > 1) ? ['pain rose by more than 1'] : []),
    ...(some((o) => o.painRise === 1 && o.worseLater === null)
      ? ['pain rose by 1, and nobody asked whether it settled']
      : []),
    ...(some((o) => o.worseLater === true) ? ['pain was still up afterwards'] : []),
  ];
}

/** Share of those attending who would move on before the class does. */
const GROUP_SHARE = 0.7;

/** Does somebody go on with this movement? */
export const goesOnWith = ({ kind, only }: Decision, movementId: string): boolean =>
  kind === 'move on' && (only === undefined || only.includes(movementId));

/**
 * Does the class move to its next rung of a movement? When enough of those attending who do it would, and nobody has to
 * leave it out because of it: for whom this rung is closed already, the next one takes nothing away. `leftOut` are
 * people for whom a rung is closed.
 */
export function groupMovesOn(
  movementId: string,
  decisions: ReadonlyMap<string, Decision>,
  leftOut: { readonly now: ReadonlySet<string>; readonly then: ReadonlySet<string> },
): { readonly moves: boolean; readonly reason: string } {
  if (decisions.size === 0) return { moves: false, reason: 'nobody attended' };
  const doing = [...decisions].filter(([id]) => !leftOut.now.has(id));
  if (doing.length === 0) return { moves: false, reason: 'nobody does it as it stands' };
  const shut = doing.filter(([id]) => leftOut.then.has(id)).length;
  if (shut > 0)
    return {
      moves: false,
      reason: `${plural(shut, 'person', 'people')} would have to leave it out on the next rung`,
    };
  const ready = doing.filter(([, d]) => goesOnWith(d, movementId)).length;
  const who = doing.length < decisions.size ? `${doing.length} who do it` : `${doing.length}`;
  const words = `${ready} of ${who} would move on`;
  return ready >= doing.length * GROUP_SHARE
    ? { moves: true, reason: words }
    : { moves: false, reason: `${words}; the class moves when seven in ten do` };
}

/** Effort asked at most in a week of a term: gentle at first, and gentler where there are precautions (Borg CR10). */
export const effortTarget = (week: number, precaution: boolean): number => {
  const plain = week <= 3 ? 4 : 6;
  return precaution ? plain - 1 : plain;
};

/** A proposal or an answer in words. */
export function rungWords(rungs: number | null, kind?: DecisionKind): string {
  if (kind === 'flare' && rungs === 0) return 'gentle movement only until it has settled';
  if (rungs === null) return 'the gentlest rung';
  if (rungs === 0) return 'the same rung';
  return rungs > 0 ? 'one rung up' : `${plural(-rungs, 'rung')} back`;
}
