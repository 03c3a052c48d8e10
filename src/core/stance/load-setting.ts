import { z } from 'zod';
import type { Movement, MovementOnRung } from '../catalogue';
import type { Result } from '../result';
import { amountText, METRIC, type Units } from '../units';
import { PLANNED_SHARE } from './set-up-share';
import { usualStance } from './set-ups';
import { loadOfStance, stanceSchema, type Stance, type StanceLoad } from './stance';

/** A set-up as it was set at the bench: how, for whom of what stature in metres, and how much of it goes left, 0 to 1. */
export const loadSettingSchema = z.strictObject({
  stance: stanceSchema,
  statureM: z.number().min(1.3).max(2.05),
  leftShare: z.number().min(0).max(1),
});
export type LoadSetting = z.infer<typeof loadSettingSchema>;

/** A movement as a row of a class does it: on its rung, with weight as set at the bench, with the row's props and what is joined to it. */
export type RowMovement = MovementOnRung & {
  readonly press?: LoadSetting;
  /** Ids of props used beside its own. */
  readonly beside?: readonly string[];
  /** Effort of ten that the row aims for, where that was said. */
  readonly aim?: number;
  /** What arms, feet, trunk or breath do meanwhile. */
  readonly joined?: Movement;
};

/** What a movement's set-up asks of a person of a stature, metres; null for what puts no weight on the hands. */
export function loadFor(
  { loadSetUp, press }: Pick<RowMovement, 'loadSetUp' | 'press'>,
  statureM: number,
): Result<StanceLoad> | null {
  if (!loadSetUp) return null;
  return loadOfStance(press ? fitted(press, statureM) : usualStance(loadSetUp, statureM), statureM);
}

/** Furniture stays where it is; what is measured along the body grows with it. */
function fitted({ stance, statureM: from }: LoadSetting, statureM: number): Stance {
  const grown = statureM / from;
  switch (stance.kind) {
    case 'seated':
      return { ...stance, reachM: stance.reachM * grown };
    case 'all fours':
      return { ...stance, forwardM: stance.forwardM * grown };
    default:
      return stance;
  }
}

/**
 * Share of body weight that a movement is planned to put through a wrist; all of it where that hand presses while the other is off. It
 * compares one class with another.
 */
export function plannedShare(
  { loadSetUp, press }: Pick<RowMovement, 'loadSetUp' | 'press'>,
  hand: 'L' | 'R',
  isAlone = false,
): number {
  if (!loadSetUp) return 0;
  const load = press && loadOfStance(press.stance, press.statureM);
  if (load?.ok) return load.value.wrist.middle * (isAlone ? 1 : shareOn(press, hand));
  return PLANNED_SHARE[loadSetUp] * (isAlone ? 2 : 1);
}

/** How much of what both hands bear one of them does. */
export const shareOn = (press: LoadSetting | undefined, hand: 'L' | 'R'): number =>
  press ? (hand === 'L' ? press.leftShare : 1 - press.leftShare) : 0.5;

/** How a movement is pressed, where that was set at the bench; empty for the usual set-up. */
export const loadSettingNote = ({ press }: Pick<RowMovement, 'press'>): string =>
  press ? loadSettingWords(press) : '';

/** A press in words: what was set at the bench. */
export function loadSettingWords({ stance, leftShare }: LoadSetting, units: Units = METRIC): string {
  const left = Math.round(leftShare * 100);
  const split = left === 50 ? '' : `, ${left} % of it on the left hand`;
  return `${stanceWords(stance, units)}${split}`;
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;

function stanceWords(stance: Stance, units: Units): string {
  const long = (metres: number): string => amountText(metres * 100, 'cm', units, 0);
  switch (stance.kind) {
    case 'lean':
      return `hands ${long(stance.handHeightM)} up`;
    case 'seated':
      return `a lean of ${stance.leanDeg} degrees, hands ${long(stance.reachM)} forward, ${percent(stance.handedOver)} handed over`;
    case 'unload':
      return `${percent(stance.handedOver)} taken off the seat`;
    case 'all fours':
      return stance.forwardM < 0
        ? `hips ${long(-stance.forwardM)} back`
        : `hips ${long(stance.forwardM)} forward`;
    case 'feet back':
      return 'knees lifted, legs straight back';
  }
}
