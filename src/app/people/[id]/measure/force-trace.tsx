import { QUIET_MS, type Sample } from '@/core/measure';
import { amount, amountText } from '@/core/units';
import { useUnits } from '@/ui/units';

type Props = { samples: readonly Sample[]; peakKg: number | null };

const BOX = { width: 900, height: 260, left: 46, foot: 232 };
const LONG_MS = 6_500;

/** Force against time as it comes. The dashed line is the word to squeeze; the flag stands at the peak. */
export function ForceTrace({ samples, peakKg }: Props) {
  const units = useUnits();
  const most = Math.max(10, ...samples.map((s) => s.kg)) * 1.15;
  const x = (ms: number) => BOX.left + (ms / LONG_MS) * (BOX.width - BOX.left - 10);
  const y = (kg: number) => BOX.foot - (Math.max(0, kg) / most) * (BOX.foot - 12);
  const path = samples
    .map((s, i) => `${i === 0 ? 'M' : 'L'}${x(s.atMs).toFixed(1)} ${y(s.kg).toFixed(1)}`)
    .join('');
  const top = samples.reduce<Sample | null>((a, b) => (!a || b.kg > a.kg ? b : a), null);
  return (
    <svg
      role="img"
      aria-label={
        peakKg === null ? 'Force against time' : `Force against time, peak ${amountText(peakKg, 'kg', units)}`
      }
      viewBox={`0 0 ${BOX.width} ${BOX.height}`}
      className="w-full rounded-2xl border-2 border-line bg-paper"
    >
      {[0, 0.5, 1].map((share) => (
        <g key={share}>
          <path
            d={`M${BOX.left} ${y((share * most) / 1.15)}H${BOX.width - 10}`}
            stroke="var(--color-line)"
            strokeWidth="1.5"
          />
          <text
            x={BOX.left - 8}
            y={y((share * most) / 1.15) + 6}
            fontSize="18"
            textAnchor="end"
            fill="var(--color-soft)"
          >
            {amount((share * most) / 1.15, 'kg', units, 0)}
          </text>
        </g>
      ))}
      <path
        d={`M${x(QUIET_MS)} 10V${BOX.foot}`}
        stroke="var(--color-edge)"
        strokeWidth="2.5"
        strokeDasharray="7 7"
      />
      <text x={x(QUIET_MS) + 8} y={26} fontSize="18" fill="var(--color-soft)">
        squeeze
      </text>
      {path && (
        <path d={path} fill="none" stroke="var(--color-grip)" strokeWidth="4" strokeLinejoin="round" />
      )}
      {peakKg !== null && top && <circle cx={x(top.atMs)} cy={y(top.kg)} r="8" fill="var(--color-ink)" />}
      <text x={BOX.width - 12} y={BOX.height - 8} fontSize="18" textAnchor="end" fill="var(--color-soft)">
        {units.mass}, {LONG_MS / 1000} s
      </text>
    </svg>
  );
}
