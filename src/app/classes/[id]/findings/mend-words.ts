import type { MendEffect } from '@/core/plan';
import { clockText } from '@/core/words';

/** The length alone, and people only where their number changes. */
export const shortMendWords = (effect: MendEffect, people: number): string =>
  mendWords(effect, effect.served[0] === effect.served[1] ? 0 : people);

/** A mend's before and after: "37:26 to 37:56; 15 of 15 have something to do in every row, as before". */
export function mendWords({ lengthMs, served }: MendEffect, people: number): string {
  const [before, after] = lengthMs;
  const time =
    before === after ? `${clockText(after)} as before` : `${clockText(before)} to ${clockText(after)}`;
  if (people === 0) return time;
  const who =
    served[0] === served[1]
      ? `${served[1]} of ${people} have something to do in every row, as before`
      : `${served[0]} to ${served[1]} of ${people} have something to do in every row`;
  return `${time}; ${who}`;
}
