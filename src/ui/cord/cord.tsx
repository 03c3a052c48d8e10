import { memo } from 'react';
import type { Purpose } from '@/core/catalogue';
import { cordOf, fitCord, oneRound, paintOfCord, type CordInk, type CordPaint } from '@/core/cord';
import { describeDose, type DoneWith, type Dose, type ScriptContext } from '@/core/dose';

type Props = {
  dose: Dose;
  purpose: Purpose;
  context: ScriptContext;
  /** What it is done with, in its words. */
  of: DoneWith;
  width?: number;
  /** As high at the most, px; then lines may be longer and all of it smaller. */
  height?: number;
  className?: string;
  /** One round with how often it comes, where every round is the same: on paper, which has little room. */
  once?: boolean;
};

/** A dose drawn as beads on a cord, with its words for those who listen. */
export const CordView = memo(function CordView({
  dose,
  purpose,
  context,
  of,
  width = 210,
  height = Infinity,
  className = '',
  once = false,
}: Props) {
  const cord = cordOf(dose);
  const { layout, scale } = fitCord(once ? oneRound(cord) : cord, { width, height });
  return (
    <svg
      role="img"
      aria-label={describeDose(dose, context, of)}
      width={layout.width * scale}
      height={layout.height * scale}
      viewBox={`0 0 ${layout.width} ${layout.height}`}
      className={`max-w-full overflow-visible ${className}`}
    >
      {layout.shapes.flatMap((shape, i) =>
        paintOfCord(shape, purpose).map((paint, j) => <Paint key={`${i} ${j}`} paint={paint} />),
      )}
    </svg>
  );
});

const token = (ink: CordInk | null): string => (ink ? `var(--color-${ink})` : 'none');

function Paint({ paint }: { paint: CordPaint }) {
  if (paint.kind === 'path') {
    const { d, fill, stroke, strokeWidth, dotted } = paint;
    return (
      <path
        d={d}
        fill={token(fill)}
        {...(stroke && { stroke: token(stroke), strokeWidth })}
        {...(dotted && { strokeDasharray: `0 ${dotted}`, strokeLinecap: 'round' as const })}
      />
    );
  }
  const { text, x, y, size, bold, middle, ink } = paint;
  return (
    <text
      x={x}
      y={y}
      fontSize={size}
      fill={token(ink)}
      {...(bold && { fontWeight: 700 })}
      {...(middle && { textAnchor: 'middle' as const })}
    >
      {text}
    </text>
  );
}
