import { fingers, thumb, type MovementFigure } from '@/core/hand';
import { FIST, OPEN, PLATE, tilted, up, wrist } from './poses';
import { held, moving, steps, swing } from './shapes';
import { TABLE, THIGH } from './leans';

/** The hands lie turned out by so many degrees, which the small person beside them shows. */
const heelLifts = (turned: number): MovementFigure =>
  swing(
    'side',
    { ...wrist(PLATE, -60), 'reach.turn': turned },
    {
      ...tilted(wrist({ ...PLATE, ...fingers(-20, 4, 2) }, -34), -22),
      'stage.lift': 36,
      'reach.turn': turned,
    },
    TABLE,
  );
const handsTurned = (turned: number) => ({
  motion: heelLifts(turned).motion,
  person: { stance: 'on a chair at a table', hands: 'on the support', from: 'above', main: true } as const,
});
const DOME = { ...THIGH, prop: 'dome' } as const;

export const loadMovesFigures: Readonly<Record<string, MovementFigure>> = {
  'heel-lifts': moving(heelLifts(0), {
    'fingers turned out': handsTurned(62),
    'fingers turned in': handsTurned(-150),
  }),
  'dome-press': moving(held('side', up(wrist(OPEN, -20), 46), up(wrist(PLATE, -40), 34), DOME), {
    'on the knuckle line': {
      motion: { kind: 'held', from: up(wrist(FIST, -10), 50), to: up(wrist(FIST, -4), 40) },
    },
  }),
  'dome-each-finger': steps(
    'side',
    up(wrist(OPEN, -20), 46),
    {
      wrist: up(wrist(OPEN, 10), 34),
      heel: up(wrist(OPEN, -34), 34),
      palm: up(wrist(PLATE, -28), 34),
      knuckles: up(wrist(FIST, -4), 34),
      index: { ...up(wrist(OPEN, 4), 40), ...fingers(30, 20, 10, ['index']) },
      middle: { ...up(wrist(OPEN, 4), 40), ...fingers(30, 20, 10, ['middle']) },
      ring: { ...up(wrist(OPEN, 4), 40), ...fingers(30, 20, 10, ['ring']) },
      little: { ...up(wrist(OPEN, 4), 40), ...fingers(30, 20, 10, ['little']) },
      thumb: { ...up(wrist(OPEN, 4), 40), ...thumb(20, 40, 30, 20, 10) },
    },
    DOME,
  ),
  'drops-cushion': swing('side', up(wrist(PLATE, 0), 80), up(wrist(PLATE, -10), 22), {
    ...THIGH,
    prop: 'cushion',
  }),
  'drops-table': swing('side', up(wrist(PLATE, 0), 50), wrist(PLATE, -10), TABLE),
};
