import type { RungChange } from '@/core/catalogue';

export const CHANGE_WORDS: Readonly<Record<RungChange, string>> = {
  support: 'support',
  range: 'range',
  tempo: 'tempo',
  count: 'count',
  hold: 'length of hold',
  resistance: 'resistance',
  lever: 'lever',
  'hand position': 'hand position',
  coordination: 'coordination',
  position: 'position',
};
