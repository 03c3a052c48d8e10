import {
  currentRung,
  POSITIONS,
  positionOf,
  propsOf,
  usualRungOf,
  type Catalogue,
  type EffortKind,
  type Help,
  type Joint,
  type Movement,
  type MovementOnRung,
  type Position,
  type Trait,
  isEffort,
  LONGEST_EFFORT_MS,
} from '../catalogue';
import { longestCount, primaryCount, type Dose } from '../dose';
import { loadOfStance, PLANNED_STATURE_M, usualStance, type RowMovement, type Stance } from '../stance';

type DoseLike = Pick<Dose, 'count' | 'passes' | 'breathMs'>;

/** What one hand meets in a row as it would really be done. Cautions speak of nothing else. */
export type Exposure = {
  readonly kind: EffortKind;
  /** Effort of ten (Borg CR10). */
  readonly effortOf10: number;
  readonly joints: readonly Joint[];
  /** Features of the movement on this rung, and of its prop. */
  readonly features: ReadonlySet<Trait>;
  readonly position: Position;
  /** Effort without a break, s, however it is counted. */
  readonly effortS: number;
  /** At the end of the range without a break, s. */
  readonly endRangeS: number;
  /** Share of body weight through the busier wrist, at the most, 0 to 1. */
  readonly wristShare: number;
  readonly latex: boolean;
  readonly withProp: boolean;
  /** Whether each hand works by itself, so that the other is free to help. */
  readonly apart: boolean;
};

/** A breath where a plan says nothing of it, ms. */
const USUAL_BREATH_MS = 5_000;
const S = 1_000;

type ExposureContext = { readonly catalogue: Catalogue; readonly breathMs?: number | undefined };

/** What the working hand meets. */
export function exposureOf(
  movement: RowMovement,
  dose: DoseLike,
  { catalogue, breathMs = USUAL_BREATH_MS }: ExposureContext,
): Exposure {
  const count = longestCount(dose);
  const props = propsOf(movement).flatMap((id) => catalogue.prop(id) ?? []);
  const rung = movement.rungs[currentRung(movement)];
  const weight = weightOn(movement);
  const effortOf10 = Math.min(10, (rung?.effortOf10 ?? movement.effortOf10) * weight.timesUsual);
  const features = new Set([...featuresOnRung(movement), ...props.flatMap((p) => p.exposes)]);
  if (holdsTheBreath(movement.effort, effortOf10)) features.add('breath held easily');
  if (isLongSequence(movement.effort, count)) features.add('long sequence');
  return {
    kind: movement.effort,
    effortOf10,
    joints: movement.joints,
    features,
    position: furthest(rung?.position ?? positionOf(movement), weight.position),
    wristShare: weight.wristShare,
    ...longestMs(movement, count, dose.breathMs ?? breathMs),
    latex: props.some((p) => p.latex),
    withProp: props.length > 0,
    apart: movement.hands === 'apart',
  };
}

/** What a hand meets that helps the other one. */
export const helpExposureOf = (movement: Movement & { readonly help: Help }): Exposure => ({
  ...HELP[movement.help],
  effortOf10: movement.help === 'resists' ? movement.effortOf10 : HELP[movement.help].effortOf10,
  features: new Set(movement.help === 'strokes' ? movement.traits.filter((t) => t === 'rubbing') : []),
  position: positionOf(movement),
  effortS: 0,
  endRangeS: 0,
  wristShare: 0,
  latex: false,
  withProp: false,
  apart: false,
});

const HAND = ['fingers', 'thumb', 'wrist'] as const;
const HELP: Readonly<Record<Help, Pick<Exposure, 'kind' | 'effortOf10' | 'joints'>>> = {
  draws: { kind: 'grip', effortOf10: 2, joints: HAND },
  resists: { kind: 'isometric', effortOf10: 3, joints: HAND },
  strokes: { kind: 'massage', effortOf10: 1, joints: HAND },
  steadies: { kind: 'active', effortOf10: 1, joints: HAND },
};

const NO_WEIGHT = { wristShare: 0, timesUsual: 1, position: 'chair' } as const;

/** How much weight comes on the busier wrist, how many times the usual of this movement, and where that is done. */
function weightOn({ loadSetUp, press }: RowMovement): {
  readonly wristShare: number;
  readonly timesUsual: number;
  readonly position: Position;
} {
  if (!loadSetUp) return NO_WEIGHT;
  const usual = usualStance(loadSetUp, PLANNED_STATURE_M);
  const usually = bornOn(usual, PLANNED_STATURE_M, 0.5);
  if (!press) return { wristShare: usually, timesUsual: 1, position: PLACE[placeOf(usual)] };
  const wristShare = bornOn(press.stance, press.statureM, Math.max(press.leftShare, 1 - press.leftShare));
  return {
    wristShare,
    // Less than usual is not taken for less effort.
    timesUsual: usually > 0 ? Math.max(1, wristShare / usually) : 1,
    position: PLACE[placeOf(press.stance)],
  };
}

/** What cannot be worked out is taken for all of the weight. */
function bornOn(stance: Stance, statureM: number, side: number): number {
  const load = loadOfStance(stance, statureM);
  return load.ok ? Math.max(load.value.scale.high, load.value.wrist.high) * side : 1;
}

const placeOf = (stance: Stance) =>
  stance.kind === 'lean' && stance.pivot === 'knees' ? 'knees' : stance.kind;
const PLACE = {
  seated: 'chair',
  unload: 'chair',
  lean: 'standing',
  knees: 'floor',
  'all fours': 'floor',
  'feet back': 'floor',
} as const;

/** The one of two places that asks more: a chair least, the floor most. */
const furthest = (a: Position, b: Position): Position =>
  POSITIONS.indexOf(a) >= POSITIONS.indexOf(b) ? a : b;

/** All that the rungs from the usual form up to this one add, without what this one lifts. */
function featuresOnRung(movement: MovementOnRung): readonly Trait[] {
  const [now, usual] = [currentRung(movement), usualRungOf(movement.rungs)];
  const climbed = movement.rungs.filter((_, i) => i === now || (i > usual && i < now));
  const lifted = movement.rungs[now]?.lifts ?? [];
  return [...movement.traits, ...climbed.flatMap((r) => r.adds ?? [])].filter((t) => !lifted.includes(t));
}

/** Pressing, leaning and heavy gripping are where breath is held. */
const holdsTheBreath = (kind: EffortKind, effortOf10: number): boolean =>
  (kind === 'isometric' || kind === 'load' || kind === 'grip' || kind === 'pinch') && effortOf10 >= 3;

/** Four fingers in an order, or more, are a sequence to remember, unless the other hand gives it. */
const isLongSequence = (kind: EffortKind, count: Dose['count']): boolean =>
  count.mode === 'sequence' && count.steps.length >= 4 && kind !== 'massage' && kind !== 'stretch';

function longestMs(
  movement: Movement,
  count: Dose['count'],
  breathMs: number,
): Pick<Exposure, 'effortS' | 'endRangeS'> {
  const planned = plannedMs(movement, count, breathMs);
  // Nobody knows beforehand when it will be told, so it is taken for as long as an effort may be held.
  const isOpen = count.mode !== 'sequence' && count.mode !== 'reps' && count.untilTold === true;
  return isOpen && isEffort(movement)
    ? { ...planned, effortS: Math.max(planned.effortS, LONGEST_EFFORT_MS / S) }
    : planned;
}

function plannedMs(
  movement: Movement,
  count: Dose['count'],
  breathMs: number,
): Pick<Exposure, 'effortS' | 'endRangeS'> {
  const both = (ms: number) => ({ effortS: ms / S, endRangeS: ms / S });
  switch (count.mode) {
    case 'reps':
      return {
        effortS: (count.tempoMs * movement.phases.workShare) / S,
        endRangeS: count.tempoMs / 2 / S,
      };
    case 'hold':
      return both(count.holdMs);
    case 'breaths':
      // What is held by nature is held through all the breaths.
      return both(movement.dose.count.mode === 'hold' ? count.breaths * breathMs : breathMs);
    case 'time':
      return both(count.timeMs);
    case 'sequence': {
      // Fingers work one after the other; weight stays on all the while.
      const stays = movement.effort === 'load' ? count.rounds * count.steps.length : 1;
      return both(count.stepMs * stays);
    }
  }
}

/** All of a dose that a verdict and its words hang on, as a key: doses that share it are judged alike. */
export const doseKey = (dose: DoseLike & Pick<Dose, 'sets'>): string =>
  `${lengthKey(longestCount(dose))} ${dose.breathMs ?? ''}${primaryCount(dose.count) === 1 ? ' once' : ''}${dose.sets === 1 ? '' : ' again'}`;

function lengthKey(count: Dose['count']): string {
  switch (count.mode) {
    case 'reps':
      return `reps ${count.tempoMs}`;
    case 'hold':
      return `hold ${count.holdMs} ${count.untilTold ?? ''}`;
    case 'breaths':
      return `breaths ${count.breaths} ${count.untilTold ?? ''}`;
    case 'time':
      return `time ${count.timeMs} ${count.untilTold ?? ''}`;
    case 'sequence':
      return `sequence ${count.stepMs} ${count.steps.length} ${count.rounds}`;
  }
}
