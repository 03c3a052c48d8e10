import { spokenMs } from '../voice';

/**
 * How long a voice takes, ms: as long as the voice that ships with Oskil does, and what that cannot say by about 14 letters a second.
 */
export const sayingMs = (word: string): number => spokenMs(word) ?? 220 + word.length * 70;
