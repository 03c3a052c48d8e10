import type { Vec } from '../draw';
import type { Build } from './build';
import { DOWN, FLESH_MM, outwardOf, seatHeight, sittingHip, type HandAt, type Side } from './posture';
import { isSeated, type StanceKind } from './places';

/** Where what bears the hands is, mm: how high, and how far ahead its near edge or face is. */
export type Support = { readonly topMm: number; readonly edgeMm: number; readonly hand: HandAt };

export function supportOf(stance: StanceKind, side: Side, build: Build): Support {
  const s = outwardOf(side);
  const { statureMm: h } = build;
  const flat = (topMm: number, edgeMm: number, inMm: number, apart = 0.105): Support => ({
    topMm,
    edgeMm,
    hand: {
      wrist: [s * apart * h, topMm + FLESH_MM, edgeMm + inMm],
      fingers: [0, 0, 1],
      palm: DOWN,
      by: 'palm',
    },
  });
  switch (stance) {
    case 'on a chair at a table':
      return flat(sittingHip(build) + 0.11 * h, 0.225 * h, 20);
    case 'on a chair with arms': {
      const top = seatHeight(build) + 0.135 * h;
      return {
        topMm: top,
        edgeMm: 0,
        hand: {
          wrist: [s * 0.165 * h, top + FLESH_MM + 6, 0.06 * h],
          fingers: [0, 0, 1],
          palm: DOWN,
          by: 'palm',
        },
      };
    }
    case 'standing at a wall': {
      const edgeMm = 0.43 * h;
      const at: Vec = [s * 0.115 * h, 0.75 * h, edgeMm - FLESH_MM];
      return {
        topMm: h * 1.05,
        edgeMm,
        hand: { wrist: at, fingers: [0, 1, 0], palm: [0, 0, 1], by: 'palm' },
      };
    }
    case 'standing at a worktop':
      return flat(0.535 * h, 0.49 * h, 15);
    case 'standing at a chair seat':
      return flat(0.275 * h, 0.6 * h, 40);
    case 'on hands and knees':
      return flat(12, 0, build.trunk * 0.98 + 30);
    case 'on hands and feet':
      return flat(12, 0, 0.78 * h);
    default:
      return flat(isSeated(stance) ? seatHeight(build) : 0, 0, 0);
  }
}
