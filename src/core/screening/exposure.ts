import {
  currentRung,
  positionOf,
  usualRungOf,
  type Catalogue,
  type EffortKind,
  type Help,
  type Joint,
  type Movement,
  type MovementOnRung,
  type Position,
  type Trait,
} from '../catalogue';
import { primaryCount, type Dose } from '../dose';

type DoseLike = Pick<Dose, 'count'>;

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
  movement: MovementOnRung,
  { count }: DoseLike,
  { catalogue, breathMs = USUAL_BREATH_MS }: ExposureContext,
): Exposure {
  const prop = movement.propId ? catalogue.prop(movement.propId) : undefined;
  const rung = movement.rungs[currentRung(movement)];
  const effortOf10 = rung?.effortOf10 ?? movement.effortOf10;
  const features = new Set([...featuresOnRung(movement), ...(prop?.exposes ?? [])]);
  if (holdsTheBreath(movement.effort, effortOf10)) features.add('breath held easily');
  if (isLongSequence(movement.effort, count)) features.add('long sequence');
  return {
    kind: movement.effort,
    effortOf10,
    joints: movement.joints,
    features,
    position: rung?.position ?? positionOf(movement),
    ...longestMs(movement, count, breathMs),
    latex: prop?.latex ?? false,
    withProp: prop !== undefined,
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
      return both(breathMs);
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
export const doseKey = (dose: Pick<Dose, 'count' | 'sets'>): string =>
  `${lengthKey(dose.count)}${primaryCount(dose.count) === 1 ? ' once' : ''}${dose.sets === 1 ? '' : ' again'}`;

function lengthKey(count: Dose['count']): string {
  switch (count.mode) {
    case 'reps':
      return `reps ${count.tempoMs}`;
    case 'hold':
      return `hold ${count.holdMs}`;
    case 'breaths':
      return 'breaths';
    case 'time':
      return `time ${count.timeMs}`;
    case 'sequence':
      return `sequence ${count.stepMs} ${count.steps.length} ${count.rounds}`;
  }
}
