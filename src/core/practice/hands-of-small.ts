import type { FullPose, MovementFigure } from '../hand';

/** A degree of a wrist's bend as the way its hand goes, mm; of a turn as the turn of a hand that is put somewhere. */
const [BEND_MM, SIDEWAYS, TURN] = [1.1, 0.8, 0.6];

/** Toes that curl in a shoe lift its tip so far, degrees to a degree. */
const IN_SHOES = 0.5;

/**
 * What a pair of hands does, on somebody who is drawn small and has their hands put somewhere: there a wrist cannot be seen to bend
 * nor a forearm to turn, and the picture of the hands alone carries them about. Each shows as the way the whole hand goes, from where
 * it begins.
 */
export function wayOfHands({ person }: MovementFigure, start: FullPose, pose: FullPose): Partial<FullPose> {
  const by = (axis: keyof FullPose): number => pose[axis] - start[axis];
  if (person?.shows === 'feet') return { 'toes.up': -by('toes.bend') * IN_SHOES };
  if (person?.main) return {};
  return {
    'reach.up': by('stage.lift') - by('wrist.flexion') * BEND_MM,
    'reach.out': by('stage.aside') + by('stage.gap') / 2,
    'reach.turn':
      by('stage.tilt') + by('wrist.ulnar') * SIDEWAYS + (by('forearm.pronation') + by('stage.roll')) * TURN,
  };
}
