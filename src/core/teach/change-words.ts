import type { Beat } from '../dose';
import { passTold, startWord } from './count-in';

/** A change as it is said, always the group's own side: with another hand or set also what it begins with. */
export function announced(beat: Beat): string {
  const beginsAnew = beat.change === 'side' || beat.change === 'set';
  const begun = beginsAnew ? [passTold(beat.pass), beat.layer] : [];
  return [changeWord(beat), ...begun].filter(Boolean).join(', ');
}

/** A change in a word or two, for where there is little space. */
export function changeWord(beat: Beat): string {
  if (beat.kind === 'rest') return 'rest';
  switch (beat.change) {
    case 'start':
      return startWord(beat);
    case 'side':
      return sideWord(beat) || 'once more';
    case 'set':
      return [setWord(beat), sideWord(beat)].filter(Boolean).join(', ');
    case 'layer':
      return beat.layer ?? '';
    case 'pass':
    case 'swap':
      return beat.pass.name;
    default:
      return '';
  }
}

const sideWord = ({ side }: Beat): string =>
  side === 'L' ? 'now the left' : side === 'R' ? 'now the right' : '';

/** "Set two". */
export const setWord = ({ set }: Pick<Beat, 'set'>): string => `set ${SET_WORDS[set] ?? set}`;

const SET_WORDS: Readonly<Record<number, string>> = { 2: 'two', 3: 'three', 4: 'four', 5: 'five', 6: 'six' };
