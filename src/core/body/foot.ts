import { add, sub, turning, type Vec } from '../draw';
import type { BodyPose } from './axes';
import type { Build } from './build';
import { outwardOf, type Foot, type Side } from './posture';

/** Thickness of the foot at the ball and of the toes, mm, as how high their middle is above the sole. */
const SOLE_MM = 22;

/**
 * A foot whose ankle would stand at a place, its height the floor's: bent up about its heel, up on its ball, turned and
 * tilted about the ankle. One that lies has its sole behind it.
 */
export function footOf(how: 'standing' | 'lying', side: Side, at: Vec, pose: BodyPose, build: Build): Foot {
  const s = outwardOf(side);
  const turned = turning([0, 1, 0], s * pose['foot.turn']);
  const tilted = turning([0, 0, 1], s * pose['foot.tilt']);
  if (how === 'lying') {
    const back = (mm: number, up: number): Vec => add(at, [0, up, -mm]);
    return {
      ankle: at,
      heel: back(build.heel * 0.6, 30),
      ball: back(build.ball, -20),
      toe: back(build.toe, -28),
      inward: [-s, 0, 0],
    };
  }
  const ankle: Vec = [0, build.ankleHeight, 0];
  const heel: Vec = [0, SOLE_MM, -build.heel];
  const ball: Vec = [0, SOLE_MM, build.ball];
  const curl = turning([1, 0, 0], pose['toes.bend'] - pose['heel.up']);
  const toe = add(ball, curl([0, -4, build.toe - build.ball]));
  const lifted = pose['foot.up'] > 0;
  const pivot = lifted ? ankle : pose['heel.up'] > 0 ? ball : heel;
  const pitch = turning([1, 0, 0], pose['heel.up'] - pose['toes.up']);
  const place = (v: Vec): Vec => {
    const pitched = add(pivot, pitch(sub(v, pivot)));
    const rolled = lifted ? add(ankle, tilted(sub(pitched, ankle))) : pitched;
    return add(at, turned(rolled));
  };
  return {
    ankle: place(ankle),
    heel: place(heel),
    ball: place(ball),
    toe: place(toe),
    inward: turned(tilted([-s, 0, 0])),
  };
}
