import { between, type Vec } from '../draw';
import type { SeenHand } from '../hand';

/** A place that the tip of the thumb reaches, in the order of the score (Kapandji 1986). */
type OppositionPlace = {
  readonly score: number;
  readonly words: string;
  /** On a hand with its palm toward the viewer. */
  readonly at: (hand: SeenHand) => Vec;
};

const TO_THE_SIDE = 0.32;

/** On the side of the index finger that looks at the thumb: off the middle of a phalanx, away from the next finger. */
const indexSide =
  (from: 1 | 2) =>
  (hand: SeenHand): Vec => {
    const { index, middle } = hand.digits;
    const on = between(index[from]!, index[from + 1]!, 0.5);
    return between(on, between(middle[from]!, middle[from + 1]!, 0.5), -TO_THE_SIDE);
  };

const tip =
  (finger: 'index' | 'middle' | 'ring' | 'little') =>
  (hand: SeenHand): Vec =>
    between(hand.digits[finger][3]!, hand.digits[finger][4]!, 1.05);

/** 0 is none of them. */
export const OPPOSITION_PLACES: readonly OppositionPlace[] = [
  { score: 1, words: 'side of the index finger, near the knuckle', at: indexSide(1) },
  { score: 2, words: 'side of the index finger, middle part', at: indexSide(2) },
  { score: 3, words: 'tip of the index finger', at: tip('index') },
  { score: 4, words: 'tip of the middle finger', at: tip('middle') },
  { score: 5, words: 'tip of the ring finger', at: tip('ring') },
  { score: 6, words: 'tip of the little finger', at: tip('little') },
  { score: 7, words: 'end crease of the little finger', at: ({ digits }) => digits.little[3]! },
  { score: 8, words: 'middle crease of the little finger', at: ({ digits }) => digits.little[2]! },
  {
    score: 9,
    words: 'crease at the base of the little finger',
    at: ({ digits }) => between(digits.little[1]!, digits.little[2]!, 0.3),
  },
  {
    score: 10,
    words: 'crease of the palm under the little finger',
    at: ({ digits }) => between(digits.little[1]!, digits.little[0]!, 0.18),
  },
];
