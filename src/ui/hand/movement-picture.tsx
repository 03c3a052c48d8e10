import { memo } from 'react';
import { keyStills, stillOf, type MovementFigure, type Still } from '@/core/hand';
import { FigureShapes, MotionArrow } from './hand-figure';

/** From here up an arrow can be read, px. */
const ARROW_FROM = 80;

/** A movement in its most telling moment, from a small icon up. */
export const MovementPicture = memo(function MovementPicture({
  figure,
  height,
  most = Infinity,
}: {
  figure: MovementFigure;
  height: number;
  /** As wide at the most, px. */
  most?: number;
}) {
  return <StillPicture still={stillOf(figure)} height={height} most={most} />;
});

/** Its key poses side by side. */
export function KeyPoses({ figure, height }: { figure: MovementFigure; height: number }) {
  return (
    <ol className="flex flex-wrap gap-1">
      {keyStills(figure).map((still, i) => (
        <li key={i} className="grid justify-items-center">
          <StillPicture still={still} height={height} />
          <span className="tabular text-sm">{i + 1}</span>
        </li>
      ))}
    </ol>
  );
}

function StillPicture({
  still: { shapes, box, arrows },
  height: tallest,
  most = Infinity,
}: {
  still: Still;
  height: number;
  most?: number;
}) {
  const { x, y, w, h } = box;
  const height = Math.min(tallest, (most * h) / w);
  return (
    <svg
      aria-hidden="true"
      height={height}
      width={(height * w) / h}
      viewBox={`${x} ${y} ${w} ${h}`}
      className="max-w-full shrink-0"
    >
      <FigureShapes shapes={shapes} />
      {tallest >= ARROW_FROM && arrows.map((arrow, i) => <MotionArrow key={i} arrow={arrow} />)}
    </svg>
  );
}
