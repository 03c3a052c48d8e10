import type { MovementFigure, Pose } from '@/core/hand';
import { CUP, LACED, ON_BALL, OPEN, PLATE, ROUND_BALL, turned, wrist } from './poses';
import { alone, seated } from './people';
import { held, rests, steps, swing, through } from './shapes';

const UPPER = { shows: 'upper' } as const;
/** An arm in front that the other hand goes along. */
const IN_FRONT: Pose = { ...OPEN, 'arm.ahead': 46, 'arm.out': 10, 'elbow.bend': 52, 'arm.palm': 60 };
/** Along the other arm: 0 is the hand, 100 the wrist, 200 the elbow, 300 the shoulder. */
const along = (place: number, pose: Pose = PLATE): Pose => ({ ...pose, 'reach.up': place });
const ROUTE = { palm: 10, wrist: 90, forearm: 145, elbow: 195, 'upper arm': 245, shoulder: 295 } as const;
const aside = (side: number, up: number): Pose => ({ ...OPEN, 'reach.side': side, 'reach.up': up });
/** One arm with something light in its hand, at a height. */
const shelf = (ahead: number, bend: number, pose: Pose = ROUND_BALL): Pose => ({
  ...pose,
  'arm.ahead': ahead,
  'elbow.bend': bend,
  'arm.out': 8,
  'arm.palm': 50,
});

/** Hands that go about the body: the person tells where, so they are the picture. */
export const inPersonFigures: Readonly<Record<string, MovementFigure>> = {
  'stroke-arms': alone(
    seated('front', 'on the other arm', swing('back', along(290), along(20)), { ...UPPER, build: 1 }),
    IN_FRONT,
  ),
  'arm-route': alone(
    {
      ...seated(
        'front',
        'on the other arm',
        steps(
          'palm',
          along(10),
          Object.fromEntries(Object.entries(ROUTE).map(([name, at]) => [name, along(at)])),
        ),
        { ...UPPER, build: 3 },
      ),
      telling: 'shoulder',
    },
    IN_FRONT,
  ),
  'circle-elbow': alone(
    seated(
      'front',
      'on the other arm',
      through('back', [
        { ...along(196, CUP), 'reach.ahead': 30 },
        { ...along(224, CUP), 'reach.out': -30 },
        { ...along(196, CUP), 'reach.ahead': -30 },
        { ...along(170, CUP), 'reach.out': 30 },
      ]),
      { ...UPPER, build: 4 },
    ),
    IN_FRONT,
  ),
  'hands-where-it-aches': alone(
    seated('front', 'on the other arm', rests(along(292, CUP)), { ...UPPER, build: 2 }),
    IN_FRONT,
  ),
  'palm-circles-knee': seated(
    'corner',
    'on the thighs',
    through('side', [
      { ...wrist(PLATE, -24), 'reach.ahead': 45 },
      { ...wrist(PLATE, -24), 'reach.out': 30 },
      { ...wrist(PLATE, -24), 'reach.ahead': -45 },
      { ...wrist(PLATE, -24), 'reach.out': -30 },
    ]),
    UPPER,
  ),
  'pass-to-music': {
    ...seated(
      'front',
      'palms up in front',
      swing('palm', { ...CUP, 'reach.out': 30 }, { ...CUP, 'reach.out': -45, 'reach.up': 20 }),
      { ...UPPER, build: 1 },
    ),
    prop: 'bag',
  },
  'carry-sides': {
    ...seated('front', 'palms up in front', swing('palm', aside(-150, 0), aside(150, 0)), UPPER),
    prop: 'bottle across',
  },
  'carry-eight': {
    ...seated(
      'front',
      'palms up in front',
      through('palm', [
        aside(0, 40),
        aside(110, 100),
        aside(160, 40),
        aside(110, -20),
        aside(0, 40),
        aside(-110, 100),
        aside(-160, 40),
        aside(-110, -20),
      ]),
      { ...UPPER, build: 3 },
    ),
    prop: 'bottle across',
  },
  'carry-shoulders': {
    ...seated('front', 'palms up in front', swing('palm', aside(0, -40), aside(150, 250)), {
      ...UPPER,
      build: 2,
    }),
    prop: 'bottle across',
  },
  'shelf-reach': {
    ...alone(
      seated(
        'side',
        'free',
        through('palm', [
          shelf(30, 100),
          shelf(140, 16, ON_BALL),
          shelf(86, 10, ON_BALL),
          shelf(46, 24, ON_BALL),
        ]),
        { build: 4 },
      ),
      { ...PLATE, 'arm.ahead': 24, 'elbow.bend': 50, 'arm.palm': 70 },
    ),
    prop: 'bag',
  },
  'interlaced-push': seated(
    'side',
    'laced in front',
    held('palm', { ...wrist(LACED, -20), 'reach.ahead': -110 }, { ...wrist(LACED, -58), 'reach.ahead': 150 }),
    UPPER,
  ),
  'interlaced-chin': seated(
    'front',
    'laced under the chin',
    swing('palm', wrist(LACED, 10), { ...wrist(LACED, 40), 'reach.up': 210 }),
    { ...UPPER, build: 1 },
  ),
  'forearm-turn-out': alone(
    seated(
      'corner',
      'held by the other',
      held(
        'palm',
        {
          ...turned(OPEN, 0),
          'arm.ahead': 64,
          'elbow.bend': 10,
          'arm.out': 14,
          'arm.palm': 20,
          'arm.turn': 10,
        },
        {
          ...turned(OPEN, 78),
          'arm.ahead': 64,
          'elbow.bend': 10,
          'arm.out': 14,
          'arm.palm': 78,
          'arm.turn': 66,
        },
      ),
      { ...UPPER, build: 3 },
    ),
  ),
};
