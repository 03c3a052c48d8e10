import type { FigureOnRung, Pose } from '@/core/hand';

/** Leaning forward with the elbows on the thighs, the hands before one. */
const ELBOWS_DOWN: Pose = { 'trunk.lean': 34, 'arm.ahead': 34, 'arm.out': 6, 'elbow.bend': 84 };

export const ELBOWS_ON_THIGHS: FigureOnRung = { person: { hands: 'free' }, pose: ELBOWS_DOWN };
export const ARMS_ON_THIGHS: FigureOnRung = { person: { hands: 'arms laid on the thighs' } };
/** The hands together, so far above or below the chest, mm. */
export const togetherAt = (up: number): FigureOnRung => ({
  person: { hands: 'palms together' },
  pose: { 'reach.up': up },
});
export const half: FigureOnRung = { range: 0.5 };
