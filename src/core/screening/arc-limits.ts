import type { Catalogue, Movement } from '../catalogue';
import type { Hand } from '../dose';
import { motionsOf, rangeDemand, type MovementFigure } from '../hand';
import { latestMeasure, WRIST_RANGES, WRIST_RANGE_WORDS, type Person, type WristRange } from '../people';
import type { ArcLimit } from './adaptation';
import type { Hit } from './hit';

const demands = new WeakMap<MovementFigure, Readonly<Record<WristRange, number>>>();

/** How far a movement takes the wrist each way, by either hand and in any pass, degrees; 0 where it does not go. */
export function wristDemand(figure: MovementFigure): Readonly<Record<WristRange, number>> {
  const there = demands.get(figure);
  if (there) return there;
  const all = motionsOf(figure).map(rangeDemand);
  const furthest = (joint: 'wrist.flexion' | 'wrist.ulnar', sign: 1 | -1): number =>
    Math.max(0, ...all.map((d) => (d[joint] ? sign * d[joint][sign === 1 ? 'max' : 'min'] : 0)));
  const found = {
    flexion: furthest('wrist.flexion', 1),
    extension: furthest('wrist.flexion', -1),
    radial: furthest('wrist.ulnar', -1),
    ulnar: furthest('wrist.ulnar', 1),
  };
  demands.set(figure, found);
  return found;
}

/** What a wrist may read differently from one measuring to the next, degrees (Carter 2009). */
const MEASURING_ERROR_DEG = 5;

/** A movement that asks more of a wrist than it was measured to have is done to that hand's own limit. */
export function arcHits(person: Person, hand: Hand, movement: Movement, catalogue: Catalogue): Hit[] {
  if (person.measures.length === 0) return [];
  const figure = catalogue.figure(movement.id);
  if (!figure) return [];
  const asked = wristDemand(figure);
  const arcs = WRIST_RANGES.flatMap((direction): ArcLimit[] => {
    const has = latestMeasure(person, hand, direction);
    return has !== null && asked[direction] - has > MEASURING_ERROR_DEG
      ? [{ direction, toDeg: Math.round(has), askedDeg: Math.round(asked[direction]) }]
      : [];
  });
  if (arcs.length === 0) return [];
  return [{ verdict: 'adapt', because: 'this wrist was measured to go less far', ask: { arcs } }];
}

/** How far a wrist goes, in words. */
export const arcWords = ({ direction, toDeg, askedDeg }: ArcLimit): string =>
  `${WRIST_RANGE_WORDS[direction]} to ${toDeg} degrees, not ${askedDeg}`;
