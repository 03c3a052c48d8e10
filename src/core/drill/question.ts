import type { BodyPose } from '../body';
import type { Dice } from '../dice';

/** One question of a drill: what is asked, what one may answer, which of them is right, and why. */
export type Question = {
  readonly text: string;
  readonly choices: readonly string[];
  /** Place of the right one among the choices. */
  readonly right: number;
  readonly because: string;
  /** Who sits there, from the left; the choices are theirs. Left out where nobody is drawn. */
  readonly sitters?: readonly Sitter[];
};

/** Somebody drawn on a chair: which build, how they hold themselves (what is not said is at rest), and the same in words. */
export type Sitter = {
  readonly build: number;
  readonly pose: Partial<BodyPose>;
  readonly seen: string;
};

export const oneOf = <T>(roll: Dice, list: readonly T[]): T => list[Math.floor(roll() * list.length)]!;

/** The same in another order, each order as likely (Fisher & Yates 1938). */
export function shuffled<T>(roll: Dice, list: readonly T[]): readonly T[] {
  const out = [...list];
  for (let i = out.length - 1; i > 0; i--) {
    const j = Math.floor(roll() * (i + 1));
    [out[i], out[j]] = [out[j]!, out[i]!];
  }
  return out;
}

/** A question with the right answer among others, in any order; others that say the same are left out. */
export function asked(
  roll: Dice,
  right: string,
  others: readonly string[],
  rest: Pick<Question, 'text' | 'because' | 'sitters'>,
): Question {
  const choices = shuffled(roll, [...new Set([right, ...others])]);
  return { ...rest, choices, right: choices.indexOf(right) };
}
