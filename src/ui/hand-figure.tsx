import { memo } from 'react';
import { figureShapes, type FigurePart, type HandView } from '@/core/hand/figure';
import type { FigureView } from '@/core/hand/motion';
import type { Pose } from '@/core/hand/pose';

/** Each view a little off the straight, so that bends show. */
export const VIEWS: Record<FigureView, HandView> = {
  palm: { yaw: -14, tip: 0, lean: 0 },
  back: { yaw: 166, tip: 0, lean: 0 },
  side: { yaw: -72, tip: 8, lean: 0 },
};

const FILL: Record<Exclude<FigurePart, 'line'>, string> = {
  ink: 'var(--color-ink)',
  skin: 'var(--color-skin)',
  nail: 'var(--color-nail)',
  sleeve: 'var(--color-paper)',
};

type Props = { pose: Pose; view: FigureView; left: boolean };

/** One hand as SVG shapes, in mm from the wrist, y down. */
export const HandShapes = memo(function HandShapes({ pose, view, left }: Props) {
  return figureShapes(pose, VIEWS[view], left).map((shape, i) =>
    shape.part === 'line' ? (
      <path
        key={i}
        d={shape.d}
        fill="none"
        stroke="var(--color-ink)"
        strokeOpacity="0.5"
        strokeWidth="1.5"
        strokeLinecap="round"
      />
    ) : (
      <path
        key={i}
        d={shape.d}
        fill={FILL[shape.part]}
        {...(shape.part === 'nail' && { stroke: 'var(--color-ink)', strokeOpacity: 0.45, strokeWidth: 0.8 })}
      />
    ),
  );
});

/** Room for one hand in any of its poses, mm. */
export const HAND_BOX = { left: -98, top: -188, width: 196, height: 314 } as const;

/** A bent wrist reaches further to the side than a pair of hands has room for. */
const PICTURE_BOX = { ...HAND_BOX, left: -125, width: 250 };

/** A still picture of one hand, from a small icon up. */
export function HandPicture({ pose, view, left, height }: Props & { height: number }) {
  const { left: x, top, width, height: h } = PICTURE_BOX;
  return (
    <svg
      aria-hidden="true"
      height={height}
      width={(height * width) / h}
      viewBox={`${x} ${top} ${width} ${h}`}
      className="shrink-0"
    >
      <HandShapes pose={pose} view={view} left={left} />
    </svg>
  );
}
