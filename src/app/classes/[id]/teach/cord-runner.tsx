'use client';

import { useEffect, useRef } from 'react';
import { stepLetter } from '@/core/cord';
import { COUNTED, type Beat } from '@/core/dose';
import { beatAtTime, changeWord, offsetAtTime, type TaughtRow, type TeachState } from '@/core/teach';
import { useCatalogue } from '@/ui/catalogue';
import { eachFrame, isStill } from '@/ui/hooks/each-frame';

type Props = { row: TaughtRow; beats: readonly Beat[]; state: TeachState; now: () => number };

const MARKER_X = 330;
const LINE_GAP = 54;

/** Beads pass a marker: what is done to its left, what is to come to its right. */
export function CordRunner({ row, beats, state, now }: Props) {
  const moving = useRef<SVGGElement>(null);
  const pace = pxPerMs(beats);
  const counting = state.phase === 'count';

  useEffect(() => {
    const draw = () => {
      const offset = counting ? shownOffset(beats, offsetAtTime(state, now())) : 0;
      moving.current?.setAttribute('transform', `translate(${MARKER_X - offset * pace} 0)`);
    };
    draw();
    return state.running && counting ? eachFrame(draw) : undefined;
  }, [state, beats, counting, now, pace]);

  const offset = counting ? offsetAtTime(state, now()) : 0;
  const twoCords = beats.some((b) => b.side === 'L' || b.side === 'R');
  const lines = twoCords ? (['L', 'R'] as const) : (['both'] as const);
  const yOf = (side: Beat['side']) => (side === 'R' && twoCords ? LINE_GAP : 0) + 38;
  const catalogue = useCatalogue();
  const movement = row.row.kind === 'movement' ? catalogue.movement(row.row.movementId) : undefined;
  const colour = `var(--color-${movement?.purpose ?? 'ease'})`;
  const height = twoCords ? LINE_GAP + 56 : 64;

  return (
    <svg
      aria-hidden="true"
      className="w-full shrink-0 max-md:hidden [@media(max-height:720px)]:hidden"
      height={height}
      overflow="hidden"
    >
      {lines.map((side) => (
        <g key={side}>
          <path d={`M90 ${yOf(side)}H4000`} stroke="var(--color-edge)" strokeWidth="2.5" />
          <text x="0" y={yOf(side) + 7} fontSize="20" fill="var(--color-ink)">
            {side === 'L' ? 'left' : side === 'R' ? 'right' : 'both'}
          </text>
        </g>
      ))}
      <svg x="90" width="100%" height={height} overflow="hidden">
        <g ref={moving}>
          {beats.map((beat, i) => (
            <RunnerBeat
              key={i}
              beat={beat}
              y={yOf(beat.side)}
              pace={pace}
              colour={colour}
              done={beat.startMs + beat.durationMs <= offset}
            />
          ))}
        </g>
        <path d={`M${MARKER_X} 0V${height}`} stroke="var(--color-ink)" strokeWidth="5" />
      </svg>
    </svg>
  );
}

/** Where motion is not wanted the cord jumps from beat to beat. */
function shownOffset(beats: readonly Beat[], offsetMs: number): number {
  if (!isStill()) return offsetMs;
  return beatAtTime(beats, offsetMs)?.startMs ?? offsetMs;
}

/** Wide enough to tell beads apart, narrow enough to see what is coming. */
function pxPerMs(beats: readonly Beat[]): number {
  const shortest = Math.min(...beats.filter((b) => COUNTED.has(b.kind)).map((b) => b.durationMs), 60_000);
  return Math.min(0.09, Math.max(0.012, 46 / shortest));
}

type BeatProps = { beat: Beat; y: number; pace: number; colour: string; done: boolean };

function RunnerBeat({ beat, y, pace, colour, done }: BeatProps) {
  const x = beat.startMs * pace;
  const width = beat.durationMs * pace;
  const paint = done ? { fill: 'var(--color-paper)', stroke: colour, strokeWidth: 2.5 } : { fill: colour };
  const ink = done ? 'var(--color-ink)' : 'var(--color-paper)';
  switch (beat.kind) {
    case 'rep':
      return <circle cx={x + 14} cy={y} r={13} {...paint} />;
    case 'step':
      return (
        <g>
          <circle cx={x + 16} cy={y} r={16} {...paint} />
          <text x={x + 16} y={y + 7} fontSize="19" fontWeight="700" textAnchor="middle" fill={ink}>
            {stepLetter(beat.step ?? '')}
          </text>
        </g>
      );
    case 'hold':
      return (
        <g>
          <rect x={x} y={y - 15} width={width} height={30} rx={15} {...paint} />
          <text x={x + width / 2} y={y + 7} fontSize="19" fontWeight="700" textAnchor="middle" fill={ink}>
            {Math.round(beat.durationMs / 1000)}
          </text>
        </g>
      );
    case 'breath': {
      const [rise, fall] = [width * 0.4, width * 0.58];
      return <path d={`M${x} ${y}q${rise / 2} ${-46} ${rise} 0q${fall / 2} ${38} ${fall} 0z`} {...paint} />;
    }
    case 'free':
      return (
        <path
          d={`M${x + 6} ${y}H${x + width}`}
          stroke={colour}
          strokeWidth="10"
          strokeLinecap="round"
          strokeDasharray="0 24"
        />
      );
    case 'change':
    case 'rest':
      // It may be longer than its beat, and ends before the wave of a breath that follows rises.
      return (
        <text x={x + width - 6} y={y - 20} fontSize="19" textAnchor="end" fill="var(--color-ink)">
          {changeWord(beat)}
        </text>
      );
    case 'relax':
      return null;
  }
}
