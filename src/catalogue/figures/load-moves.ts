import { fingers, thumb, type MovementFigure } from '@/core/hand';
import { FIST, LEANING, OPEN, PLATE, tilted, up, wrist } from './poses';
import { held, moving, steps, sway, swing } from './shapes';
import { HEAVIER, LIGHT, TABLE, THIGH } from './leans';

export const loadMovesFigures: Readonly<Record<string, MovementFigure>> = {
  'lean-with-breath': swing('side', LEANING, LIGHT, TABLE),
  'lean-circles': sway('side', wrist(PLATE, -50), wrist(PLATE, -66, 10), wrist(PLATE, -36, -10), TABLE),
  'lean-eights': sway('side', wrist(PLATE, -50, 12), wrist(PLATE, -66), wrist(PLATE, -50, -12), TABLE),
  'lean-side-bends': { ...swing('side', LIGHT, HEAVIER, TABLE), counter: true },
  'lean-turned-out': held('side', LIGHT, wrist(PLATE, -58, 14), TABLE),
  'lean-turned-in': held('side', wrist(PLATE, -40), wrist(PLATE, -70), TABLE),
  'heel-lifts': swing(
    'side',
    wrist(PLATE, -60),
    { ...tilted(wrist({ ...PLATE, ...fingers(-20, 4, 2) }, -34), -22), 'stage.lift': 36 },
    TABLE,
  ),
  'elbow-bend-press': swing('side', wrist(PLATE, -60), wrist(PLATE, -36), TABLE),
  'dome-press': moving(held('side', up(wrist(OPEN, -20), 12), wrist(PLATE, -40), THIGH), {
    'on the knuckle line': { motion: { kind: 'held', from: up(wrist(FIST, -10), 12), to: wrist(FIST, -4) } },
  }),
  'dome-each-finger': steps(
    'side',
    wrist(OPEN, -20),
    {
      wrist: wrist(OPEN, 10),
      heel: wrist(OPEN, -34),
      palm: wrist(PLATE, -28),
      knuckles: wrist(FIST, -4),
      index: { ...wrist(OPEN, 4), ...fingers(30, 20, 10, ['index']) },
      middle: { ...wrist(OPEN, 4), ...fingers(30, 20, 10, ['middle']) },
      ring: { ...wrist(OPEN, 4), ...fingers(30, 20, 10, ['ring']) },
      little: { ...wrist(OPEN, 4), ...fingers(30, 20, 10, ['little']) },
      thumb: { ...wrist(OPEN, 4), ...thumb(20, 40, 30, 20, 10) },
    },
    THIGH,
  ),
  'drops-cushion': swing('side', up(wrist(PLATE, 0), 50), wrist(PLATE, -10), THIGH),
  'drops-table': swing('side', up(wrist(PLATE, 0), 50), wrist(PLATE, -10), TABLE),
};
