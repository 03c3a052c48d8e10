import type { Movement } from '../catalogue';
import { EACH_WAY, FINGERS } from '../dose';

/** The highest number that is said; a longer count is clicked from there on. */
const HIGHEST = 200;

/** What every count may say, whatever the movement. */
export const OF_EVERY_COUNT: readonly string[] = [
  ...['ready', 'and', 'rest', 'and rest', 'once more', 'half way', 'last two', 'first one', 'last one'],
  ...['the left', 'the right', 'now the left', 'now the right'],
  ...['two', 'three', 'four', 'five', 'six'].map((n) => `set ${n}`),
  ...['in', 'out', 'hold', 'ease off'],
  ...EACH_WAY.map((pass) => pass.name),
  ...FINGERS,
];

const NUMBERS: readonly string[] = Array.from({ length: HIGHEST }, (_, i) => String(i + 1));

/** What a movement adds: its name, its verbs, the names of its passes, layers and steps, and the cue that is said. */
function wordsOf({ name, phases, passes, dose, cues }: Movement): readonly string[] {
  return [
    name,
    phases.work,
    `and ${phases.back}`,
    ...[...passes, ...dose.passes].map((pass) => pass.name),
    ...(dose.layers ?? []).map((layer) => layer.name),
    ...(dose.count.mode === 'sequence' ? dose.count.steps : []),
    ...cues.slice(0, 1),
  ];
}

/** Every phrase that the voice may be asked for over these movements, once each. */
export const voiceWords = (movements: readonly Movement[]): readonly string[] => [
  ...new Set([...NUMBERS, ...OF_EVERY_COUNT, ...movements.flatMap(wordsOf)]),
];
