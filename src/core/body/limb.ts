import { add, cross, distance, dot, scale, sub, turn, unit, type Vec } from '../draw';

/** A limb never quite straightens: the last mm would make its middle joint jump. */
const STRAIGHTEST = 0.9995;
/** Nor does it fold quite flat. */
const NEAREST_MM = 1;

/**
 * The middle joint of a limb of two bones, mm, from its root to a target, on the side of the pole, turned about the
 * line between them by some degrees; and where its end comes to, which is elsewhere where the target is out of reach or nearer than the limb folds.
 */
export function twoBones(
  root: Vec,
  target: Vec,
  [upper, lower]: readonly [number, number],
  pole: Vec,
  swivel = 0,
): { readonly middle: Vec; readonly end: Vec } {
  const far = distance(root, target);
  const folded = Math.abs(upper - lower) + NEAREST_MM;
  const reach = Math.max(folded, Math.min(far, (upper + lower) * STRAIGHTEST));
  const along = far < 1e-6 ? unit(pole) : unit(sub(target, root));
  const end = add(root, scale(along, reach));
  const out = sub(pole, scale(along, dot(pole, along)));
  const aside = dot(out, out) < 1e-9 ? anySquareTo(along) : unit(out);
  const turned = swivel === 0 ? aside : turn(aside, along, swivel);
  const onLine = (upper ** 2 - lower ** 2 + reach ** 2) / (2 * reach);
  const off = Math.sqrt(Math.max(0, upper ** 2 - onLine ** 2));
  return { middle: add(root, add(scale(along, onLine), scale(turned, off))), end };
}

function anySquareTo(v: Vec): Vec {
  const other: Vec = Math.abs(v[1]) < 0.9 ? [0, 1, 0] : [0, 0, 1];
  return unit(cross(v, other));
}
