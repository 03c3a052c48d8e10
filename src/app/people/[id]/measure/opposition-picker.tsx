import type { Hand } from '@/core/dose';
import { OPPOSITION_PLACES } from '@/core/measure';
import { FigureShapes } from '@/ui/hand/hand-figure';
import { PAIR, PAIR_APART, PAIR_SHAPES } from '@/ui/hand/pair-of-hands';
import type { Readings } from './use-readings';

/** Both hands down to the wrist, mm. */
const BOX = '-190 -200 380 245';

/** The two hands with the ten places of the score; the furthest that the thumb reaches is pressed. */
export function OppositionPicker({ readings }: { readings: Readings }) {
  return (
    <figure>
      <figcaption className="text-lg font-bold">How far does the thumb come?</figcaption>
      <svg viewBox={BOX} className="w-full max-w-2xl" role="group" aria-label="Places the thumb reaches">
        {(['L', 'R'] as const).map((hand) => (
          <g key={hand} transform={`translate(${hand === 'L' ? -PAIR_APART : PAIR_APART} 0)`}>
            <g opacity="0.55">
              <FigureShapes shapes={PAIR_SHAPES[hand]} />
            </g>
            <Places
              hand={hand}
              reached={Number(readings.text({ kind: 'opposition', hand }) || -1)}
              onReach={(score) => readings.set({ kind: 'opposition', hand }, String(score))}
            />
            <text x={0} y={34} fontSize="15" textAnchor="middle" fill="var(--color-ink)">
              {hand === 'L' ? 'left' : 'right'}
            </text>
          </g>
        ))}
      </svg>
      <p className="text-soft">Press the last place that the tip of the thumb touches. None of them is 0.</p>
    </figure>
  );
}

type PlacesProps = { hand: Hand; reached: number; onReach: (score: number) => void };

function Places({ hand, reached, onReach }: PlacesProps) {
  return OPPOSITION_PLACES.map(({ score, words, at }) => {
    const [x, y] = at(PAIR[hand]);
    const on = score <= reached;
    return (
      <g
        key={score}
        role="button"
        tabIndex={0}
        aria-pressed={score === reached}
        aria-label={`${hand === 'L' ? 'Left' : 'Right'} thumb, ${score}: ${words}`}
        className="cursor-pointer outline-offset-0"
        onClick={() => onReach(score)}
        onKeyDown={(e) => {
          if (e.key !== 'Enter' && e.key !== ' ') return;
          e.preventDefault();
          onReach(score);
        }}
      >
        <circle
          cx={x}
          cy={y}
          r="8.4"
          fill={on ? 'var(--color-ink)' : 'var(--color-paper)'}
          stroke="var(--color-ink)"
          strokeWidth="1.8"
        />
        <text
          x={x}
          y={y! + 4}
          fontSize="11.5"
          fontWeight="700"
          textAnchor="middle"
          fill={on ? 'var(--color-paper)' : 'var(--color-ink)'}
        >
          {score}
        </text>
      </g>
    );
  });
}
