import { fingers, thumb, type MovementFigure } from '@/core/hand';
import { LIGHT, HEAVIER, TABLE, THIGH } from './leans';
import {
  OPEN,
  PLATE,
  POINTED,
  PRESSED,
  ROUND_BAR,
  SOFT_FIST,
  SPREAD,
  apart,
  aside,
  turned,
  up,
  wrist,
} from './poses';
import { carried, held, moving, rests, steps, sway, swing } from './shapes';

const ON_THIGH = rests(wrist(PLATE, -16), { scene: 'on the thigh' });
const LEAN_CIRCLE = sway('side', wrist(PLATE, -50), wrist(PLATE, -66, 10), wrist(PLATE, -36, -10), TABLE);
const PLACES = ['palm', 'wrist', 'forearm', 'elbow', 'upper arm', 'shoulder'] as const;

/** Arms, legs, hands together and leans in other places. */
export const moreFigures: Readonly<Record<string, MovementFigure>> = {
  'arm-circles': carried('back', OPEN, 30),
  'elbow-bends': swing('palm', up(OPEN, -40), up(OPEN, 50)),
  'arms-wide-forward': swing('back', up(OPEN, 10), aside(up(OPEN, 30), 60)),
  'reach-and-row': swing('back', up(OPEN, 40), up(OPEN, -40)),
  'one-shoulder': { ...carried('back', OPEN, 10), counter: true },
  'hands-cross-over': { ...swing('back', up(OPEN, 20), aside(up(OPEN, -20), -60)), oneAtATime: true },
  'palms-rise-and-sink': swing('palm', up(PRESSED, -40), up(PRESSED, 40), { scene: 'palms together' }),
  'ribs-and-elbows': swing('back', PLATE, aside(PLATE, 16)),
  'side-lean': ON_THIGH,
  'half-neck-circle': ON_THIGH,
  'small-nods': ON_THIGH,
  'feet-sideways': ON_THIGH,
  'feet-apart': ON_THIGH,
  'leg-reach': ON_THIGH,
  'heel-slides': ON_THIGH,
  'knees-sway': ON_THIGH,
  'toes-lift': ON_THIGH,
  'press-part-spread': steps(
    'palm',
    apart(POINTED, 10),
    { press: POINTED, part: apart(POINTED, 50), spread: apart(SPREAD, 60) },
    { scene: 'fingertips together' },
  ),
  'fingers-lifted-held': held('side', PLATE, { ...PLATE, ...fingers(-18, 0, 0) }, THIGH),
  'clasped-squeeze': swing('palm', wrist(SOFT_FIST, 10), wrist(ROUND_BAR, 10), { scene: 'clasped' }),
  'loop-pull': moving(
    held('palm', ROUND_BAR, aside(ROUND_BAR, 12), { scene: 'cloth held level', prop: 'cloth between' }),
    { 'palms down': { motion: { kind: 'held', from: ROUND_BAR, to: aside(ROUND_BAR, 12) }, view: 'back' } },
  ),
  'part-peels': swing('back', wrist(SOFT_FIST, 6), wrist(SOFT_FIST, -10, 6), { prop: 'lid' }),
  'thumb-on-dome': swing('back', PLATE, { ...PLATE, ...thumb(45, 8, 10, 20, 30) }),
  'arm-route': steps(
    'palm',
    OPEN,
    Object.fromEntries(PLACES.map((place, i) => [place, turned(OPEN, i * 12)])),
    { scene: 'other hand on the arm' },
  ),
  'one-hand-lean': held('side', LIGHT, HEAVIER, TABLE),
  'chair-seat-circles': LEAN_CIRCLE,
  rocking: swing('side', LIGHT, HEAVIER, TABLE),
  'circles-on-all-fours': LEAN_CIRCLE,
};
