import type { Hand } from '@/core/dose';
import {
  APART_MM,
  boxOf,
  handByHandShapes,
  handWorks,
  isApart,
  isLone,
  poseOfHand,
  sceneShapes,
  specOf,
  type MovementFigure,
  type Showing,
  type Stage,
} from '@/core/hand';
import { FigureShapes } from './hand-figure';

type Props = {
  figure: MovementFigure;
  showing: Showing | null;
  label: string;
  /** From the left of the screen. */
  order?: readonly [Hand, Hand];
};

/** Both hands at one moment of a count, with what they hold and rest on. */
export function Hands({ figure, showing, label, order = ['L', 'R'] }: Props) {
  const { x, y, w, h } = boxOf(figure);
  const stage = stageOf(figure, showing, order);
  const size = Math.max(17, w * 0.045);
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`${x} ${y} ${w} ${h + size * 1.65}`}
      className="h-full max-h-full min-h-0 w-full"
    >
      <BothHands figure={figure} stage={stage} />
      {order.map((hand, i) => (
        <text
          key={hand}
          x={nameX(figure, i)}
          y={y + h + size * 1.12}
          fontSize={size}
          textAnchor="middle"
          fill="var(--color-ink)"
          fontWeight={showing && handWorks(showing.beat, hand) ? 700 : 400}
        >
          {hand === 'L' ? 'left' : 'right'}
        </text>
      ))}
    </svg>
  );
}

/** Where the hands do not meet, the one that waits is paler. */
function BothHands({ figure, stage }: { figure: MovementFigure; stage: Stage }) {
  if (!isLone(figure)) return <FigureShapes shapes={sceneShapes(figure, stage)} />;
  const shapes = handByHandShapes(figure, stage);
  const waits = (hand: Hand) => stage.working !== 'both' && stage.working !== hand && !figure.counter;
  return (['L', 'R'] as const).map((hand) => (
    <g key={hand} opacity={waits(hand) ? 0.45 : 1}>
      <FigureShapes shapes={shapes[hand]} />
    </g>
  ));
}

/** Under each hand: wide apart on a surface, close where they touch. */
function nameX(figure: MovementFigure, i: number): number {
  const reach = isApart(figure) ? APART_MM : specOf(figure).ground ? specOf(figure).place.at[0] : 110;
  return i === 0 ? -reach : reach;
}

/** The moment of a count as the scene wants it. */
export function stageOf(
  figure: MovementFigure,
  showing: Showing | null,
  order: readonly [Hand, Hand],
): Stage {
  const side = showing?.beat.side;
  return {
    poses: { L: poseOfHand(figure, 'L', showing), R: poseOfHand(figure, 'R', showing) },
    working: side === 'L' || side === 'R' ? side : 'both',
    lead: showing?.beat.lead ?? 1,
    order,
  };
}
