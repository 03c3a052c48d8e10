import { memo } from 'react';
import type { Arrow } from '@/core/hand/arrow';
import type { FigureShape, FilledPart } from '@/core/hand/figure';

const FILL: Record<FilledPart, string> = {
  ink: 'var(--color-ink)',
  skin: 'var(--color-skin)',
  nail: 'var(--color-nail)',
  sleeve: 'var(--color-paper)',
  prop: 'var(--color-prop)',
  ground: 'var(--color-ground)',
};

/** The shapes of a figure as SVG paths. */
export const FigureShapes = memo(function FigureShapes({ shapes }: { shapes: readonly FigureShape[] }) {
  return shapes.map((shape, i) => <Shape key={i} shape={shape} />);
});

function Shape({ shape }: { shape: FigureShape }) {
  switch (shape.part) {
    case 'line':
      return (
        <path
          d={shape.d}
          fill="none"
          stroke="var(--color-ink)"
          strokeOpacity="0.5"
          strokeWidth="1.5"
          strokeLinecap="round"
        />
      );
    case 'band':
      return (
        <>
          <path d={shape.d} fill="none" stroke="var(--color-ink)" strokeWidth={shape.widthMm + 3.6} />
          <path d={shape.d} fill="none" stroke="var(--color-prop)" strokeWidth={shape.widthMm} />
        </>
      );
    case 'nail':
      return (
        <path d={shape.d} fill={FILL.nail} stroke="var(--color-ink)" strokeOpacity={0.45} strokeWidth={0.8} />
      );
    default:
      return <path d={shape.d} fill={FILL[shape.part]} />;
  }
}

/** The way a movement goes, over the figure. */
export function MotionArrow({ arrow }: { arrow: Arrow }) {
  return (
    <g strokeLinejoin="round" strokeLinecap="round">
      <path d={arrow.shaft} fill="none" stroke="var(--color-linen)" strokeWidth="11" />
      <path d={arrow.head} fill="var(--color-linen)" stroke="var(--color-linen)" strokeWidth="6" />
      <path d={arrow.shaft} fill="none" stroke="var(--color-glide)" strokeWidth="5.5" />
      <path d={arrow.head} fill="var(--color-glide)" stroke="var(--color-glide)" strokeWidth="1" />
    </g>
  );
}
