import { fan, fingers, thumb, type Pose } from '@/core/hand';

/** Named hand shapes that movements are made of. */
export const OPEN: Pose = { ...fingers(6, 8, 5), ...thumb(38, 20, 20, 8, 8) };
export const STRAIGHT: Pose = { ...fingers(0, 0, 0), ...thumb(30, 15, 20, 5, 0) };
export const SPREAD: Pose = { ...fingers(-6, 0, 0), ...fan(1), ...thumb(56, 20, 15, 0, 0) };
export const SOFT_FIST: Pose = { ...fingers(62, 72, 42), ...thumb(16, 53, 51, 23, 23) };
export const FIST: Pose = { ...fingers(90, 100, 74), ...thumb(5, 60, 48, 42, 39) };
export const HOOK: Pose = { ...fingers(0, 95, 65), ...thumb(30, 20, 20, 5, 5) };
export const FLAT_FIST: Pose = { ...fingers(86, 92, 4), ...thumb(28, 38, 40, 14, 15) };
export const TABLETOP: Pose = { ...fingers(86, 0, 0), ...thumb(30, 20, 20, 5, 5) };
export const ON_BALL: Pose = { ...fingers(42, 46, 28), ...thumb(22, 52, 45, 18, 18) };
export const ROUND_BALL: Pose = { ...fingers(58, 62, 38), ...thumb(20, 54, 50, 23, 26) };
export const PLATE: Pose = { ...fingers(0, 4, 2), ...thumb(20, 8, 10, 4, 4) };

/** Thumb tip to each fingertip, a round ring. */
export const RING: Readonly<Record<'index' | 'middle' | 'ring' | 'little', Pose>> = {
  index: { ...OPEN, ...fingers(57, 47, 14, ['index']), ...thumb(12, 43, 62, 3, 4) },
  middle: { ...OPEN, ...fingers(58, 54, 10, ['middle']), ...thumb(-4, 47, 62, 0, 3) },
  ring: { ...OPEN, ...fingers(59, 46, 14, ['ring']), ...thumb(-18, 49, 62, 3, 4) },
  little: { ...OPEN, ...fingers(55, 41, 14, ['little']), ...thumb(-35, 46, 67, 10, 5) },
};

/** A pose with the wrist bent (positive toward the palm) and swung (positive toward the little finger). */
export const wrist = (pose: Pose, flexion: number, ulnar = 0): Pose => ({
  ...pose,
  'wrist.flexion': flexion,
  'wrist.ulnar': ulnar,
});
export const turned = (pose: Pose, pronation: number): Pose => ({ ...pose, 'forearm.pronation': pronation });

/** One finger of a flat hand lifted off the table, or all. */
export function lifted(which: 'thumb' | 'index' | 'middle' | 'ring' | 'little' | 'all'): Pose {
  if (which === 'all') return { ...PLATE, ...fingers(-20, 2, 0), ...thumb(30, 0, 0, 0, 0) };
  if (which === 'thumb') return { ...PLATE, ...thumb(48, 0, 0, 0, 0) };
  return { ...PLATE, ...fingers(-20, 2, 0, [which]) };
}

/** One finger bent to tap or curl. */
export function bent(which: 'thumb' | 'index' | 'middle' | 'ring' | 'little', base: Pose = OPEN): Pose {
  if (which === 'thumb') return { ...base, ...thumb(16, 34, 30, 24, 24) };
  return { ...base, ...fingers(48, 30, 16, [which]) };
}

/** A hand laid on something that the wrist leans on. */
export const LEANING: Pose = { ...PLATE, 'wrist.flexion': -62 };
/** Round something thick. */
export const ROUND_BAR: Pose = { ...fingers(72, 78, 40), ...thumb(12, 59, 49, 26, 28) };
/** Straight fingers and thumb pressed together over something. */
export const STRAIGHT_PINCH: Pose = { ...fingers(52, 4, 2), ...thumb(22, 56, 50, 10, 5) };
/** Each digit bent by itself, thumb first. */
export const BENT_ONE_BY_ONE = {
  thumb: bent('thumb'),
  index: bent('index'),
  middle: bent('middle'),
  ring: bent('ring'),
  little: bent('little'),
};

/** Fingers bent between the other hand's. */
export const LACED: Pose = { ...fingers(48, 52, 26), ...thumb(16, 30, 35, 20, 15) };
/** Key held between the thumb and the side of the index. */
export const KEY: Pose = { ...fingers(60, 70, 40), ...thumb(22, 25, 20, 6, 18) };
/** A cup of the hand, to lay on something round. */
export const CUP: Pose = { ...fingers(28, 26, 14), ...thumb(30, 40, 40, 12, 12) };
export const POINTED: Pose = { ...fingers(34, 24, 12), ...thumb(24, 44, 44, 14, 14) };

export const up = (pose: Pose, mm: number): Pose => ({ ...pose, 'stage.lift': mm });
export const apart = (pose: Pose, mm: number): Pose => ({ ...pose, 'stage.gap': mm });
export const aside = (pose: Pose, mm: number): Pose => ({ ...pose, 'stage.aside': mm });
export const tilted = (pose: Pose, degrees: number): Pose => ({ ...pose, 'stage.tilt': degrees });
/** A flat hand pressed against another, or against what is there. */
export const PRESSED: Pose = wrist(PLATE, -62);
