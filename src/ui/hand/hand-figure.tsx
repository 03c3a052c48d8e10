import { memo } from 'react';
import { paintOf, paintOfArrow, type Arrow, type FigureShape, type Ink, type PaintedPath } from '@/core/draw';
import { tokenOf } from './ink';

/** The shapes of a figure as SVG paths. */
export const FigureShapes = memo(function FigureShapes({ shapes }: { shapes: readonly FigureShape[] }) {
  return shapes.map((shape, i) => <Paths key={i} paths={paintOf(shape)} />);
});

/** The way a movement goes, over the figure. */
export const MotionArrow = ({ arrow }: { arrow: Arrow }) => <Paths paths={paintOfArrow(arrow)} />;

const token = (ink: Ink | null): string => (ink ? `var(${tokenOf(ink)})` : 'none');

function Paths({ paths }: { paths: readonly PaintedPath[] }) {
  return paths.map(({ d, fill, stroke, strokeMm, strokeOpacity, round }, i) => (
    <path
      key={i}
      d={d}
      fill={token(fill)}
      {...(stroke && { stroke: token(stroke), strokeWidth: strokeMm })}
      {...(strokeOpacity < 1 && { strokeOpacity })}
      {...(round && { strokeLinecap: 'round' as const, strokeLinejoin: 'round' as const })}
    />
  ));
}
