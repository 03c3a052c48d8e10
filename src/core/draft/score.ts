import { PURPOSES, usesHands, type EffortKind, type Movement, type Purpose } from '../catalogue';
import { HAND_SPOTS } from '../hand';
import type { Option } from './option';
import { BODY_MINUTE, FOCUS_MINUTE, MINUTE_WORTH, spotWorth, targetMinutes, WEIGHTS } from './weights';
import { FOCUS_PURPOSE, type DraftWish } from './wish';

/** The score of a selection, as the model has it but for how much is the same: minutes of purpose with falling worth, reasons, places. */
export function scoreOf(chosen: readonly Option[], wish: Pick<DraftWish, 'focus' | 'lengthMs'>): number {
  const own = chosen.reduce((n, o) => n + o.worth, 0);
  const spots = HAND_SPOTS.reduce(
    (n, { id }) => n + firstFew(spotWorth(wish.lengthMs), chosen.filter((o) => o.spots.includes(id)).length),
    0,
  );
  const targets = targetMinutes(wish.lengthMs, purposesOf(wish));
  const minutes = PURPOSES.reduce(
    (n, p) => n + worthOfMinutes(minutesOf(chosen, p), targets[p]) * minuteWeight(p, wish),
    0,
  );
  const alike = [...new Set(chosen.map((o) => o.likeness))].reduce(
    (n, kind) => n + Math.max(0, chosen.filter((o) => o.likeness === kind).length - ALIKE),
    0,
  );
  return own + spots + minutes + alike * WEIGHTS.oneMoreAlike;
}

/** So many rows of one kind and joint are worth their whole. */
export const ALIKE = 2;

export const purposesOf = ({ focus }: Pick<DraftWish, 'focus'>): readonly Purpose[] =>
  focus.map((f) => FOCUS_PURPOSE[f]);

export const minuteWeight = (purpose: Purpose, wish: Pick<DraftWish, 'focus'>): number =>
  purposesOf(wish).includes(purpose) ? FOCUS_MINUTE : 1;

/** Minutes of a purpose, those without the hands for a part. */
export const minutesOf = (chosen: readonly Option[], purpose: Purpose): number =>
  chosen.filter((o) => o.movement.purpose === purpose).reduce((n, o) => n + countedMinutes(o), 0);

const MOVES: ReadonlySet<EffortKind> = new Set(['active', 'coordination']);
/** It moves the body and not the hands, which the class is for. */
export const isOfTheBody = (movement: Movement): boolean =>
  MOVES.has(movement.effort) && !usesHands(movement);
export const countedMinutes = ({ movement, minutes }: Option): number =>
  minutes * (isOfTheBody(movement) ? BODY_MINUTE : 1);

function worthOfMinutes(minutes: number, target: number): number {
  let left = minutes;
  return MINUTE_WORTH.reduce((sum, [share, worth]) => {
    const here = Math.min(left, share * target);
    left -= here;
    return sum + here * worth;
  }, 0);
}

const firstFew = (worth: readonly number[], times: number): number =>
  worth.slice(0, times).reduce((n, w) => n + w, 0);
