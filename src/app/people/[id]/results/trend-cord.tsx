'use client';

import { MEASURES, measureText } from '@/core/people';
import type { MeasureResult } from '@/core/measure';
import { useUnits } from '@/ui/units';
import { daysBetween } from '@/core/days';

const [WIDTH, HEIGHT, EDGE] = [230, 62, 11];

/** The days of a measure as beads on a cord; within the pale band nothing has really changed. Better is up. */
export function TrendCord({ result }: { result: MeasureResult }) {
  const units = useUnits();
  const { kind, points, baseline, threshold } = result;
  const up = MEASURES[kind].betterIs === 'more' ? 1 : -1;
  const values = points.map((p) => p.value * up);
  const [low, high] = [
    Math.min(...values, up * baseline - threshold),
    Math.max(...values, up * baseline + threshold),
  ];
  const days = Math.max(1, daysBetween(points[0]!.day, points.at(-1)!.day));
  const x = (day: string) => EDGE + (daysBetween(points[0]!.day, day) / days) * (WIDTH - 2 * EDGE);
  const y = (value: number) => HEIGHT - EDGE - ((value - low) / (high - low || 1)) * (HEIGHT - 2 * EDGE);
  const [bandTop, bandFoot] = [y(up * baseline + threshold), y(up * baseline - threshold)];
  return (
    <svg
      role="img"
      aria-label={`Over the days: ${points.map((p) => measureText(kind, p.value, units)).join(', ')}`}
      width={WIDTH}
      height={HEIGHT}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
    >
      <rect x="0" y={bandTop} width={WIDTH} height={bandFoot - bandTop} fill="var(--color-line)" rx="6" />
      <polyline
        points={points.map((p, i) => `${x(p.day)},${y(values[i]!)}`).join(' ')}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth="1.8"
      />
      {points.map((p, i) => (
        <circle key={p.day} cx={x(p.day)} cy={y(values[i]!)} r="6" fill="var(--color-ink)" />
      ))}
    </svg>
  );
}
