import { WAYS_IN } from '@/core/plan';
import { capital } from '@/core/words';

/** The ways in to choose from, with their seconds. */
export const wayInChoices = (): readonly (readonly [value: string, label: string])[] =>
  WAYS_IN.map(([name, ms]) => [String(ms), `${capital(name)}, ${ms / 1000} s`] as const);
