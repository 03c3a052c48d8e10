import type { BodyPose } from '../body';
import type { Dice } from '../dice';
import { lowerFirst } from '../words';
import { oneOf, shuffled, type Question, type Sitter } from './question';

/** How strain shows on somebody who sits, and what to say about it. */
const STRAINS: readonly { readonly pose: Partial<BodyPose>; readonly seen: string; readonly say: string }[] =
  [
    { pose: { 'shoulder.up': 48 }, seen: 'Both shoulders have crept up', say: 'Shoulders low, and breathe' },
    { pose: { 'trunk.side': 16 }, seen: 'The trunk leans to one side', say: 'Sit on both seat bones' },
    { pose: { 'head.nod': 30 }, seen: 'The head has sunk', say: 'Tall, and eyes to me' },
    { pose: { 'head.side': 22 }, seen: 'The head is tilted', say: 'Head over the middle' },
    { pose: { 'elbow.out': 55 }, seen: 'The elbows are held out', say: 'Elbows heavy, by your sides' },
  ];

/** So many sit in the half circle. */
const SITTERS = 5;
/** Nobody sits exactly like anybody else: a little of each, in its own unit. */
const EACH_OWN: readonly (readonly [keyof BodyPose, number])[] = [
  ['shoulder.up', 5],
  ['trunk.side', 2],
  ['head.turn', 12],
  ['head.nod', 3],
];

/** Who of those that sit there strains. */
export function strainQuestion(roll: Dice): Question {
  const { pose, seen, say } = oneOf(roll, STRAINS);
  const who = Math.floor(roll() * SITTERS);
  const builds = shuffled(
    roll,
    Array.from({ length: SITTERS }, (_, i) => i),
  );
  const sitters = builds.map((build, i): Sitter => {
    const own = Object.fromEntries(EACH_OWN.map(([axis, most]) => [axis, (roll() - 0.5) * 2 * most]));
    return i === who
      ? { build, pose: { ...own, ...pose }, seen: lowerFirst(seen) }
      : { build, pose: own, seen: 'at ease' };
  });
  return {
    text: 'Palms are pressed together. Who strains, and needs a word?',
    choices: sitters.map((_, i) => `Number ${i + 1}`),
    right: who,
    because: `${seen}. Say: “${say}.”`,
    sitters,
  };
}
