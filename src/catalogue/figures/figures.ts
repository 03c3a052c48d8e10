import type { MovementFigure } from '@/core/hand';
import { EASES } from './eases';
import { GLIDES } from './glides';
import { LOADS } from './loads';
import { WORKS } from './works';

/** How each movement of the catalogue looks, by its id. */
export const FIGURES: Readonly<Record<string, MovementFigure>> = { ...GLIDES, ...EASES, ...WORKS, ...LOADS };
