import type { Hand } from '@/core/dose/dose';
import type { MovementFigure } from '@/core/hand/motion';
import { handWorks, poseOfHand, type Showing } from '@/core/hand/showing';
import { HAND_BOX, HandShapes } from './hand-figure';

type Props = {
  figure: MovementFigure;
  showing: Showing | null;
  label: string;
  /** From the left of the screen. */
  order?: readonly [Hand, Hand];
};

/** The pair of hands at one moment of a count; a waiting hand is paler. */
export function Hands({ figure, showing, label, order = ['L', 'R'] }: Props) {
  const { left, top, width, height } = HAND_BOX;
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`${left} ${top} ${width * 2} ${height}`}
      className="h-full max-h-full min-h-0 w-full"
    >
      {order.map((hand, i) => (
        <g key={hand} transform={`translate(${i * width} 0)`}>
          <g opacity={showing && !figure.counter && !handWorks(showing.beat, hand) ? 0.45 : 1}>
            <HandShapes pose={poseOfHand(figure, hand, showing)} view={figure.view} left={hand === 'L'} />
          </g>
          <text x={0} y={106} fontSize="17" textAnchor="middle" fill="var(--color-ink)">
            {hand === 'L' ? 'left' : 'right'}
          </text>
        </g>
      ))}
    </svg>
  );
}
