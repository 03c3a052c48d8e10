import { turning, type Vec } from './vector';

/** From where a whole scene is looked at, degrees: turned about the vertical, then tipped toward the viewer. */
export type Camera = { readonly yaw: number; readonly tip: number };
export const STRAIGHT_ON: Camera = { yaw: 0, tip: 0 };

/** Scene to screen: x right, y down, z toward the viewer. */
export function seeing({ yaw, tip }: Camera): (v: Vec) => Vec {
  const [turnAbout, tipOver] = [turning([0, 1, 0], yaw), turning([1, 0, 0], tip)];
  return (v) => {
    const [x, y, z] = tipOver(turnAbout(v));
    return [x, -y, z];
  };
}
