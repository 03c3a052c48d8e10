import type { Dice } from '../dice';
import { FINGERS } from '../dose';
import { nameList } from '../words';
import { oneOf, type Question } from './question';

/** The thumb meets each of them. */
const TIPS = FINGERS.slice(1);

/** An order in which the thumb goes round, each finger by its place, and how it is told. */
const ORDERS: readonly { readonly words: string; readonly round: readonly number[] }[] = [
  { words: 'from the index to the little finger, then from the index again', round: [0, 1, 2, 3] },
  { words: 'from the little finger to the index, then from the little finger again', round: [3, 2, 1, 0] },
  { words: 'there and back, the finger at each end once', round: [0, 1, 2, 3, 2, 1] },
  { words: 'there and back, the finger at each end twice', round: [0, 1, 2, 3, 3, 2, 1, 0] },
  { words: 'index, ring, middle, little, then from the index again', round: [0, 2, 1, 3] },
  { words: 'the inner two, then the outer two: middle, ring, index, little', round: [1, 2, 0, 3] },
];
/** So many are told before the one that is asked for: fewer could be a place in the round that is not the only one. */
const TOLD = 3;

/** Which finger comes next in an order. */
export function fingerQuestion(roll: Dice): Question {
  const { words, round } = oneOf(roll, ORDERS);
  const from = Math.floor(roll() * round.length);
  const at = (step: number): string => TIPS[round[(from + step) % round.length]!]!;
  const told = Array.from({ length: TOLD }, (_, i) => at(i));
  const right = at(TOLD);
  return {
    text: `Thumb to fingers, ${words}. Counted so far: ${told.join(', ')}. Which finger is next?`,
    choices: TIPS,
    right: TIPS.findIndex((finger) => finger === right),
    because: `The round is ${nameList(
      round.map((i) => TIPS[i]!),
      round.length,
    )}.`,
  };
}
