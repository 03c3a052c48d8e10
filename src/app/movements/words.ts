import type { Position } from '@/core/catalogue/movement';
import type { RungChange } from '@/core/catalogue/rung';

export const POSITION_WORDS: Readonly<Record<Position, string>> = {
  chair: 'in a chair',
  table: 'at a table',
  standing: 'standing',
  floor: 'on the floor',
};

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
