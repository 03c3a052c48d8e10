import { z } from 'zod';
import type { Immutable } from '../frozen';
import { OF_EVERY_COUNT } from './words';

/** As high as most counts go; a higher number is said by the voice that ships with Oskil. */
const HIGHEST_OWN = 30;

/** What an instructor may say for the count, in the order in which it is recorded: what every count needs, and no names. */
export const OWN_WORDS: readonly string[] = [
  ...Array.from({ length: HIGHEST_OWN }, (_, i) => String(i + 1)),
  ...new Set(OF_EVERY_COUNT),
];

/** Samples a second of speech that is kept: as clear as a telephone line of today. */
export const SPEECH_RATE = 16_000;
/** A word is no longer than this, s. */
export const LONGEST_WORD_S = 4;

export const ownWordSchema = z.strictObject({
  word: z.string().refine((word) => OWN_WORDS.includes(word), 'That is not a word of the count'),
  /** Mu-law at `SPEECH_RATE`, one channel, base64. */
  sound: z
    .base64('The recording is not readable')
    .min(400, 'Nothing was heard')
    .max(LONGEST_WORD_S * SPEECH_RATE * 1.4, 'A word is at most four seconds'),
});
export type OwnWord = Immutable<z.infer<typeof ownWordSchema>>;
