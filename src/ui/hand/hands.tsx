import type { Hand } from '@/core/dose';
import {
  cuffsX,
  figureInPass,
  handByHandShapes,
  handWorks,
  isLone,
  pictureShapes,
  poseOfHand,
  roomOf,
  type MovementFigure,
  type Showing,
  type Stage,
} from '@/core/hand';
import { FigureShapes } from './hand-figure';
import { WhereHands } from './where-hands';

/** Who is drawn, as the picture's name begins. */
export const whoOf = ({ person }: MovementFigure): string => (person?.main ? 'A person' : 'Two hands');

type Props = {
  figure: MovementFigure;
  showing: Showing | null;
  label: string;
  /** From the left of the screen. */
  order?: readonly [Hand, Hand];
  /** With a small person in the corner who has their hands where these are. */
  where?: boolean;
};

/** Both hands at one moment of a count, with what they hold and rest on. */
export function Hands({ figure: usual, showing, label, order = ['L', 'R'], where = false }: Props) {
  const figure = showing ? figureInPass(usual, showing.beat.pass) : usual;
  const { x, y, w, h } = roomOf(figure);
  const stage = stageOf(figure, showing, order);
  const size = Math.max(17, w * 0.045);
  const names = namesX(
    figure,
    stageOf(figure, showing && { ...showing, offsetMs: showing.beat.startMs }, order),
    order,
  );
  return (
    <div className="flex h-full max-h-full min-h-0 w-full min-w-0">
      {where && <WhereHands figure={figure} />}
      <svg
        role="img"
        aria-label={label}
        viewBox={`${x} ${y} ${w} ${h + size * 1.65}`}
        className="h-full w-full min-w-0"
      >
        <BothHands figure={figure} stage={stage} />
        {hasNames(figure) &&
          order.map((hand) => (
            <text
              key={hand}
              x={names[hand]}
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
    </div>
  );
}

/** A person from the side has one hand behind the other. */
const hasNames = ({ person }: MovementFigure): boolean => !person?.main || person.from === 'front';

/** Where the hands do not meet, the one that waits is paler. */
function BothHands({ figure, stage }: { figure: MovementFigure; stage: Stage }) {
  if (figure.person?.main || !isLone(figure)) return <FigureShapes shapes={pictureShapes(figure, stage)} />;
  const shapes = handByHandShapes(figure, stage);
  const waits = (hand: Hand) => stage.working !== 'both' && stage.working !== hand && !figure.counter;
  return (['L', 'R'] as const).map((hand) => (
    <g key={hand} opacity={waits(hand) ? 0.45 : 1}>
      <FigureShapes shapes={shapes[hand]} />
    </g>
  ));
}

/** Each name under its own sleeve, inside the box, and the two not on top of each other. */
function namesX(figure: MovementFigure, stage: Stage, order: readonly [Hand, Hand]): Record<Hand, number> {
  const { x, w } = roomOf(figure);
  if (figure.person?.main)
    return { [order[0]]: x + w * 0.25, [order[1]]: x + w * 0.75 } as Record<Hand, number>;
  const cuffs = cuffsX(figure, stage);
  const inside = (at: number) => Math.min(x + w - EDGE, Math.max(x + EDGE, at));
  const [first, second] = cuffs[order[0]] <= cuffs[order[1]] ? order : ([order[1], order[0]] as const);
  const [left, right] = [inside(cuffs[first]), inside(cuffs[second])];
  const push = Math.max(0, (APART - (right - left)) / 2);
  return { [first]: inside(left - push), [second]: inside(right + push) } as Record<Hand, number>;
}

/** Half of a name, and the least between two, mm. */
const [EDGE, APART] = [26, 70];

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
    swapped: Boolean(showing?.beat.pass.swapped),
    order,
  };
}
