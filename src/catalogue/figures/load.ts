import type { MovementFigure } from '@/core/hand';
import { FIST, LEANING, PLATE, wrist } from './poses';
import { held, swing } from './shapes';
import { HEAVIER, LIGHT, TABLE, THIGH, lean } from './leans';

const WALL = { scene: 'against a wall' } as const;

export const loadFigures: Readonly<Record<string, MovementFigure>> = {
  'thigh-press': swing('side', wrist(PLATE, -20), wrist(PLATE, -52), THIGH),
  'table-lean': lean(),
  'chair-arm-press': held('side', wrist(FIST, -20), wrist(FIST, -30), TABLE),
  'wall-lean': held('side', LIGHT, LEANING, WALL),
  'worktop-lean': lean(),
  'chair-seat-lean': lean(HEAVIER),
  'all-fours': lean(HEAVIER),
  'feet-walked-back': lean(HEAVIER),
  'straight-body-lean': lean(HEAVIER),
};
