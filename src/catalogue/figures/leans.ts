import { LEANING, PLATE, wrist } from './poses';
import { held } from './shapes';

export const TABLE = { scene: 'on the table' } as const;
export const THIGH = { scene: 'on the thigh' } as const;
export const LIGHT = wrist(PLATE, -34);
export const HEAVIER = wrist(PLATE, -68);
export const lean = (to = LEANING) => held('side', LIGHT, to, TABLE);
