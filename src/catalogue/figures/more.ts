import { fingers, thumb, type MovementFigure } from '@/core/hand';
import { THIGH } from './leans';
import { PLATE, POINTED, ROUND_BAR, SOFT_FIST, SPREAD, apart, aside, up, wrist } from './poses';
import { alone, seated } from './people';
import { held, moving, steps, swing } from './shapes';

/** Arms, legs, hands together and leans in other places. */
export const moreFigures: Readonly<Record<string, MovementFigure>> = {
  'press-part-spread': steps(
    'palm',
    apart(POINTED, 10),
    { press: POINTED, part: apart(POINTED, 50), spread: apart(SPREAD, 60) },
    { scene: 'fingertips together', telling: 'spread' },
  ),
  'fingers-lifted-held': held('side', PLATE, { ...PLATE, ...fingers(-18, 0, 0) }, THIGH),
  'clasped-squeeze': swing('palm', wrist(SOFT_FIST, 10), wrist(ROUND_BAR, 10), { scene: 'clasped' }),
  'loop-pull': moving(
    held('palm', ROUND_BAR, aside(ROUND_BAR, 12), {
      scene: 'cloth held level, palms up',
      prop: 'cloth between',
    }),
    {
      'palms down': {
        motion: { kind: 'held', from: ROUND_BAR, to: aside(ROUND_BAR, 12) },
        scene: 'cloth held level',
      },
    },
  ),
  'part-peels': {
    ...alone(
      seated(
        'corner',
        'on a lid',
        swing('back', wrist(SOFT_FIST, 6), { ...wrist(SOFT_FIST, -10, 6), 'reach.up': 46, 'reach.out': 20 }),
        { shows: 'upper', build: 3 },
      ),
      SOFT_FIST,
    ),
    prop: 'tub',
  },
  'thumb-on-dome': swing('side', up(PLATE, 34), up({ ...PLATE, ...thumb(45, 8, 10, 20, 30) }, 34), {
    ...THIGH,
    prop: 'dome',
  }),
};
