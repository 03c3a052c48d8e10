import { INK_MM, type FigureShape, type Part } from '../draw';
import { capsule } from '../draw';
import type { Ground } from './scenes';

/** Under the flesh of a resting hand, mm below its bones. */
const UNDER_MM = 15;
const FAR = -400;

/**
 * What a hand rests on, in the scene of a right hand that lies with its fingers to the left and its
 * wrist at `x`, `y` (y down); a left hand's is mirrored by the sign of `outward`.
 */
export function groundUnder(ground: Ground, x: number, y: number, outward: 1 | -1): Part {
  const top = y + UNDER_MM;
  const at = (mm: number) => x + outward * mm;
  switch (ground) {
    case 'table':
      return slab(at(-190), at(112), top);
    case 'table edge':
      return slab(at(-4), at(112), top + 4);
    case 'thigh':
      return limb(at(-150), at(112), top, 34);
    case 'thigh end':
      return limb(at(30), at(112), top + 4, 34);
    case 'wall':
      return wallAt(at(-UNDER_MM), outward);
  }
}

function slab(x0: number, x1: number, top: number): Part {
  const [a, b] = [Math.min(x0, x1), Math.max(x0, x1)];
  const box = (grow: number) =>
    `M${n(a - grow)} ${n(top - grow)}H${n(b + grow)}V${n(top + 16 + grow)}H${n(a - grow)}Z`;
  return {
    depth: FAR,
    shapes: [
      { part: 'ink', d: box(INK_MM) },
      { part: 'ground', d: box(0) },
    ],
  };
}

function limb(x0: number, x1: number, top: number, r: number): Part {
  const body = (grow: number): FigureShape['d'] =>
    capsule({ x: x0, y: top + r, r: r + grow }, { x: x1, y: top + r, r: r + grow });
  return {
    depth: FAR,
    shapes: [
      { part: 'ink', d: body(INK_MM) },
      { part: 'ground', d: body(0) },
    ],
  };
}

function wallAt(x: number, outward: 1 | -1): Part {
  const far = x - outward * 14;
  const [a, b] = [Math.min(x, far), Math.max(x, far)];
  const box = (grow: number) => `M${n(a - grow)} -178H${n(b + grow)}V118H${n(a - grow)}Z`;
  return {
    depth: FAR,
    shapes: [
      { part: 'ink', d: box(INK_MM) },
      { part: 'ground', d: box(0) },
    ],
  };
}

const n = (v: number): string => v.toFixed(1);
