import type { Position } from '@/core/catalogue';

export const POSITION_WORDS: Readonly<Record<Position, string>> = {
  chair: 'in a chair',
  table: 'at a table',
  standing: 'standing',
  floor: 'on the floor',
};
