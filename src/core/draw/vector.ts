/** A point or direction, mm: x toward the thumb of a right hand, y toward the fingertips, z out of the palm. */
export type Vec = readonly [x: number, y: number, z: number];

export const add = (a: Vec, b: Vec): Vec => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const sub = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scale = (a: Vec, k: number): Vec => [a[0] * k, a[1] * k, a[2] * k];
export const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
const length = (a: Vec): number => Math.hypot(a[0], a[1], a[2]);
export const unit = (a: Vec): Vec => scale(a, 1 / length(a));
export const distance = (a: Vec, b: Vec): number => length(sub(a, b));
export const between = (a: Vec, b: Vec, share: number): Vec => add(a, scale(sub(b, a), share));

export const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** A turn about the unit axis `k` by an angle in degrees, right-handed (Rodrigues), as a function of the point. */
export function turning([kx, ky, kz]: Vec, degrees: number): (v: Vec) => Vec {
  if (degrees === 0) return (v) => v;
  const [c, s] = [Math.cos(radians(degrees)), Math.sin(radians(degrees))];
  const t = 1 - c;
  return ([x, y, z]) => {
    const along = (kx * x + ky * y + kz * z) * t;
    return [
      x * c + (ky * z - kz * y) * s + kx * along,
      y * c + (kz * x - kx * z) * s + ky * along,
      z * c + (kx * y - ky * x) * s + kz * along,
    ];
  };
}

export const turn = (v: Vec, k: Vec, degrees: number): Vec => turning(k, degrees)(v);
