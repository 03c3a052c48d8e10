import type { School } from '@/core/catalogue';

/** Each school in one line, for whoever has to choose. */
export const SCHOOL_WORDS: Readonly<Record<School, { name: string; line: string }>> = {
  gentle: { name: 'Gentle, counted', line: 'Few repetitions, to comfort; short holds.' },
  clinical: { name: 'Clinical', line: 'Measured holds and sets, rated by effort.' },
  breath: { name: 'Breath-paced', line: 'Each hold or movement lasts a set number of breaths.' },
  musical: { name: 'Musical', line: 'Phrases of eight and sixteen.' },
  series: { name: 'Long series', line: 'High counts, light and quick.' },
  'long low': { name: 'Long, gentle stretch', line: 'A mild stretch for minutes; never hard.' },
};
