import type { Dice } from '../dice';
import { oneOf, type Question } from './question';

const SIDES = ['left', 'right'] as const;
type Side = (typeof SIDES)[number];

const other = (side: Side): Side => (side === 'left' ? 'right' : 'left');

/** What may be asked of a side, the answer to it, and why. */
const ASKED: readonly ((side: Side) => {
  readonly text: string;
  readonly right: Side;
  readonly because: string;
})[] = [
  (side) => ({
    text: `You face the group and move as their mirror. They are to use the ${side} hand. Which of your hands do you use?`,
    right: other(side),
    because: `As in a mirror, your ${other(side)} hand is opposite their ${side} one.`,
  }),
  (side) => ({
    text: `You face the group as their mirror and have used your ${side} hand. Which hand has the group used?`,
    right: other(side),
    because: `Your ${side} hand is opposite their ${other(side)} one. Say “${other(side)}”: the words are theirs.`,
  }),
  (side) => ({
    text: `You sit with your back to the group. They are to use the ${side} hand. Which of your hands do you use?`,
    right: side,
    because: 'Facing the same way as they do, your sides are theirs.',
  }),
  (side) => ({
    text: `You face the group. Somebody’s ${side} hand has to rest today. As you look at them, on which side is it?`,
    right: other(side),
    because: `From where you sit, the ${side} hand of whoever faces you is on your ${other(side)}.`,
  }),
  (side) => ({
    text: `You face the group and see the hand on your ${side} drop. Which hand of that person is it?`,
    right: other(side),
    because: `What is on your ${side} is on the ${other(side)} of whoever faces you.`,
  }),
  (side) => ({
    text: `You face the group as their mirror, and the ${side} side has been given. Which of your hands goes first now?`,
    right: side,
    because: `The group goes on with the ${other(side)} hand, and opposite it is your ${side} one.`,
  }),
];

/** Left and right while facing the group. */
export function sidesQuestion(roll: Dice): Question {
  const { text, right, because } = oneOf(roll, ASKED)(oneOf(roll, SIDES));
  return { text, choices: SIDES, right: SIDES.indexOf(right), because };
}
