/**
 * What belongs to this machine and not to the data: who is let in, how far it has been brought up to date, how many
 * rows there are, who was erased.
 * No backup holds it, and no request of an instructor reaches it.
 */
export const MACHINE_TABLES = [
  'erased',
  'guess',
  'helper_code',
  'instructor',
  'known_browser',
  'lock',
  'migration',
  'session',
  'tally',
  'token',
] as const;
