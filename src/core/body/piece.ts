import { disc, meanDepth, outlined, type Fill, type Part, type Vec } from '../draw';

/** The outline of a person, mm: they are drawn at a fifth of a hand's scale. */
export const BODY_INK_MM = 6;

export type See = (v: Vec) => Vec;
type Ball = readonly [at: Vec, r: number];

/** A rounded piece of the body as seen; nearer ones lie over it. */
export function piece(see: See, balls: readonly Ball[], fill: Fill, toward = 0, inkMm = BODY_INK_MM): Part {
  const seen = balls.map(([at, r]) => ({ at: see(at), r }));
  return {
    depth: meanDepth(...seen.map((b) => b.at)) + toward,
    shapes: outlined(
      seen.map((b) => disc(b.at, b.r)),
      fill,
      inkMm,
    ),
  };
}

/** Several pieces under one outline, at one depth. */
export function joined(pieces: readonly Part[], toward = 0): Part {
  const inks = pieces.flatMap((p) => p.shapes.filter((s) => s.part === 'ink'));
  const fills = pieces.flatMap((p) => p.shapes.filter((s) => s.part !== 'ink'));
  return {
    depth: pieces.reduce((n, p) => n + p.depth, 0) / pieces.length + toward,
    shapes: [...inks, ...fills],
  };
}
