import { memo } from 'react';
import type { Purpose } from '@/core/catalogue/movement';
import { cordOf } from '@/core/dose/cord';
import { layOutCord, type CordShape } from '@/core/dose/cord-layout';
import { describeDose } from '@/core/dose/describe';
import type { Dose } from '@/core/dose/dose';
import type { ScriptContext } from '@/core/dose/script';

type Props = { dose: Dose; purpose: Purpose; context: ScriptContext; width?: number; className?: string };

/** A dose drawn as beads on a cord, with its words for those who listen. */
export const CordView = memo(function CordView({
  dose,
  purpose,
  context,
  width = 210,
  className = '',
}: Props) {
  const layout = layOutCord(cordOf(dose), width);
  const colour = `var(--color-${purpose})`;
  return (
    <svg
      role="img"
      aria-label={describeDose(dose, context)}
      width={layout.width}
      height={layout.height}
      viewBox={`0 0 ${layout.width} ${layout.height}`}
      className={`max-w-full overflow-visible ${className}`}
    >
      {layout.shapes.map((shape, i) => (
        <Shape key={i} shape={shape} colour={colour} />
      ))}
    </svg>
  );
});

function Shape({ shape, colour }: { shape: CordShape; colour: string }) {
  switch (shape.kind) {
    case 'string':
      return shape.doubled ? (
        <g stroke="var(--color-ink)" strokeWidth="1.2">
          <path d={`M${shape.x1} ${shape.y - 2}H${shape.x2}`} />
          <path d={`M${shape.x1} ${shape.y + 2}H${shape.x2}`} />
        </g>
      ) : (
        <path d={`M${shape.x1} ${shape.y}H${shape.x2}`} stroke="var(--color-ink)" strokeWidth="1.5" />
      );
    case 'bead':
      return <circle cx={shape.x} cy={shape.y} r={shape.r} fill={colour} />;
    case 'bar':
      return (
        <g>
          <rect x={shape.x} y={shape.y - 8} width={shape.width} height={16} rx={8} fill={colour} />
          <text x={shape.x + shape.width / 2} y={shape.y + 4.5} {...LETTERING}>
            {shape.label}
          </text>
        </g>
      );
    case 'swell':
      return <path d={swellPath(shape.x, shape.y, shape.width)} fill={colour} />;
    case 'dots':
      return (
        <g>
          <path
            d={`M${shape.x1 + 2} ${shape.y}H${shape.x2}`}
            stroke={colour}
            strokeWidth="4"
            strokeLinecap="round"
            strokeDasharray="0 9"
          />
          <text x={shape.x2 + 8} y={shape.y + 5} fontSize="15" fill="var(--color-ink)">
            {shape.label}
          </text>
        </g>
      );
    case 'letter':
      return (
        <g>
          <circle cx={shape.x} cy={shape.y} r={shape.r} fill={colour} />
          <text x={shape.x} y={shape.y + 4.5} {...LETTERING}>
            {shape.letter}
          </text>
        </g>
      );
    case 'hook':
      return (
        <path
          d={`M${shape.x} ${shape.y - 3}h6a4.5 4.5 0 0 1 0 9h-4m3 -3l-3.5 3l3.5 3`}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth="1.8"
        />
      );
    case 'cross':
      return (
        <path
          d={`M${shape.x} ${shape.y - 5}c6 0 7 10 13 10M${shape.x} ${shape.y + 5}c6 0 7 -10 13 -10`}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth="1.8"
        />
      );
    case 'hand':
      return (
        <text x={shape.x} y={shape.y + 4.5} fontSize="13" fontWeight="700" fill="var(--color-soft)">
          {shape.letter}
        </text>
      );
  }
}

const LETTERING = {
  fontSize: 12.5,
  fontWeight: 700,
  textAnchor: 'middle',
  fill: 'var(--color-paper)',
} as const;

/** A bead with a swell: a rise for the breath in, a longer fall for the breath out. */
function swellPath(x: number, y: number, width: number): string {
  const [rise, fall] = [width * 0.4, width * 0.56];
  return `M${x} ${y}q${rise / 2} ${-16} ${rise} 0q${fall / 2} ${13} ${fall} 0z`;
}
