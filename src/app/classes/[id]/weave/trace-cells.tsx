import { memo, type ReactNode } from 'react';
import { GRIP_LEFT, type ReserveSample, type RowTrace } from '@/core/plan';
import { clockText } from '@/core/words';

/** One row of the traces: how its time goes, both reserves, loading, stretch and hold, breaks. */
export const TraceCells = memo(function TraceCells({ trace }: { trace: RowTrace | undefined }) {
  if (!trace) return null;
  return (
    <>
      <Cell words={timeWords(trace)} className="w-24">
        <TimeSplit {...trace} />
      </Cell>
      <Cell words={reserveWords('Left', trace.reserve.L)} className="w-44 min-w-32">
        <Reserve samples={trace.reserve.L} side="L" />
      </Cell>
      <Cell words={reserveWords('Right', trace.reserve.R)} className="w-44 min-w-32">
        <Reserve samples={trace.reserve.R} side="R" />
      </Cell>
      <Cell
        words={trace.loading > 0 ? `loading index ${trace.loading.toFixed(2)}` : 'no loading'}
        className="w-16"
      >
        {trace.loadingShare > 0 && (
          <path
            d={`M50 4L${50 + 46 * trace.loadingShare} 96H${50 - 46 * trace.loadingShare}Z`}
            fill="var(--color-load)"
          />
        )}
      </Cell>
      <Cell words={heldWords(trace)} className="w-20">
        <Held ms={trace.stretchMs} x={10} colour="var(--color-ease)" />
        <Held ms={trace.holdMs} x={56} colour="var(--color-hold)" />
      </Cell>
      <td className="w-16 text-center text-sm">{trace.pause ?? ''}</td>
    </>
  );
});

type CellProps = { words: string; className: string; children: ReactNode };

/** A picture that fills its cell from one row to the next, with its words. */
function Cell({ words, className, children }: CellProps) {
  return (
    <td className={`relative p-0 ${className}`}>
      <svg
        role="img"
        aria-label={words}
        viewBox="0 0 100 100"
        preserveAspectRatio="none"
        className="absolute inset-0 size-full"
      >
        <title>{words}</title>
        {children}
      </svg>
    </td>
  );
}

function TimeSplit({ workMs, talkMs, restMs, totalMs }: RowTrace) {
  const parts = [
    [workMs, 'var(--color-ink)'],
    [talkMs, 'var(--color-edge)'],
    [restMs, 'var(--color-ease)'],
  ] as const;
  let from = 4;
  return parts.map(([ms, colour], i) => {
    const width = totalMs > 0 ? (ms / totalMs) * 92 : 0;
    const x = from;
    from += width;
    return <rect key={i} x={x} y={30} width={width} height={40} fill={colour} />;
  });
}

/** The reserve drawn at the outer edge: under it every rule has spoken. */
const OUTER = GRIP_LEFT.must;

/** Reserve from 60 % (outside) to full (the line between the hands): the group's middle half, its lowest, one person. */
function Reserve({ samples, side }: { samples: readonly ReserveSample[]; side: 'L' | 'R' }) {
  const fill = (reserve: number) => (Math.max(0, reserve - OUTER) / (1 - OUTER)) * 96;
  const x = (reserve: number) => (side === 'L' ? 4 + fill(reserve) : 96 - fill(reserve));
  const y = (s: ReserveSample) => s.at * 100;
  const line = (pick: (s: ReserveSample) => number) => samples.map((s) => `${x(pick(s))},${y(s)}`).join(' ');
  const band = [
    ...samples.map((s) => `${x(s.middle[0])},${y(s)}`),
    ...[...samples].reverse().map((s) => `${x(s.middle[1])},${y(s)}`),
  ].join(' ');
  const stroke = { fill: 'none', vectorEffect: 'non-scaling-stroke' } as const;
  return (
    <>
      <path
        d={`M${x(GRIP_LEFT.should)} 0V100`}
        stroke="var(--color-edge)"
        strokeDasharray="3 4"
        {...stroke}
      />
      <path d={`M${x(1)} 0V100`} stroke="var(--color-ink)" strokeWidth="1.5" {...stroke} />
      {samples.length > 0 && (
        <>
          <polygon points={band} fill="var(--color-grip)" opacity="0.35" />
          <polyline points={line((s) => s.lowest)} stroke="var(--color-grip)" strokeWidth="2.5" {...stroke} />
          {samples[0]!.chosen !== null && (
            <polyline
              points={line((s) => s.chosen ?? s.lowest)}
              stroke="var(--color-ink)"
              strokeWidth="3"
              strokeDasharray="1 5"
              strokeLinecap="round"
              {...stroke}
            />
          )}
        </>
      )}
    </>
  );
}

const LONGEST_MS = 120_000;

function Held({ ms, x, colour }: { ms: number; x: number; colour: string }) {
  if (ms === 0) return null;
  const height = Math.max(12, Math.min(1, ms / LONGEST_MS) * 92);
  return <rect x={x} y={50 - height / 2} width={34} height={height} fill={colour} />;
}

const timeWords = ({ workMs, talkMs, restMs }: RowTrace): string =>
  `working ${clockText(workMs)}, talk ${clockText(talkMs)}, rest ${clockText(restMs)}`;

function heldWords({ stretchMs, holdMs }: RowTrace): string {
  if (stretchMs + holdMs === 0) return 'no stretch or hold';
  return [stretchMs > 0 && `stretch ${clockText(stretchMs)}`, holdMs > 0 && `hold ${clockText(holdMs)}`]
    .filter(Boolean)
    .join(', ');
}

/** Where the row leaves the group: "Left reserve: lowest 78 %, middle half 85 to 92 %, chosen person 90 %". */
function reserveWords(hand: string, samples: readonly ReserveSample[]): string {
  const last = samples.at(-1);
  if (!last) return `${hand} reserve is being worked out`;
  const percent = (share: number) => Math.floor(share * 100);
  const lowest = Math.min(...samples.map((s) => s.lowest));
  const chosen = last.chosen === null ? '' : `, the chosen person ${percent(last.chosen)} %`;
  return `${hand} reserve: lowest ${percent(lowest)} %, middle half ${percent(last.middle[0])} to ${percent(last.middle[1])} %${chosen}`;
}
