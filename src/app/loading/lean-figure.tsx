'use client';

import { useRef, type PointerEvent } from 'react';
import { limbsOf, type Limb, type SidePoint, type Stance, type StanceLoad } from '@/core/stance';
import { capsule } from '@/core/draw';
import type { Result } from '@/core/result';

type Props = {
  stance: Stance;
  load: Result<StanceLoad>;
  statureM: number;
  onChange: (stance: Stance) => void;
};

const PIXELS = 205;
const BOX = { width: 640, height: 400, left: 150, floor: 372 };
const at = ([x, y]: SidePoint) => ({ x: BOX.left + x * PIXELS, y: BOX.floor - y * PIXELS });

/** The set-up from the side. The round handle is dragged: the support up and down, the trunk forward, the hips along. */
export function LeanFigure({ stance, load, statureM, onChange }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  if (!load.ok)
    return (
      <div className="flex min-h-80 items-center justify-center rounded-2xl border-2 border-dashed border-edge px-6">
        <p className="text-lg">{load.message}</p>
      </div>
    );
  const { points, wrist } = load.value;
  const { middle } = wrist;
  const handle = handleOf(stance, points);
  const drag = (event: PointerEvent) => {
    if (event.buttons !== 1 || !svg.current) return;
    const onPage = svg.current.getScreenCTM();
    if (!onPage) return;
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(onPage.inverse());
    const next = dragged(stance, points, [(x - BOX.left) / PIXELS, (BOX.floor - y) / PIXELS]);
    if (next) onChange(next);
  };
  return (
    <svg
      ref={svg}
      role="img"
      aria-label={`From the side: both hands bear ${Math.round(middle * 100)} % of body weight`}
      viewBox={`0 0 ${BOX.width} ${BOX.height}`}
      className="max-h-[25rem] w-full rounded-2xl border-2 border-line bg-paper"
    >
      {/* Wider than the box, since the box may be narrower than the screen. */}
      <path d={`M-600 ${BOX.floor}H1240V${BOX.height + 20}H-600Z`} fill="var(--color-ground)" />
      <Support stance={stance} points={points} />
      {limbsOf(points, statureM).map((limb) => (
        <LimbShape key={limb.name} limb={limb} />
      ))}
      <Wedge hand={points.hand} share={middle} wall={stance.kind === 'lean' && stance.surface === 'wall'} />
      {handle && (
        <circle
          cx={at(handle).x}
          cy={at(handle).y}
          r={15}
          fill="var(--color-paper)"
          stroke="var(--color-ink)"
          strokeWidth={3}
          className="cursor-grab touch-none"
          onPointerDown={(e) => e.currentTarget.setPointerCapture(e.pointerId)}
          onPointerMove={drag}
        />
      )}
    </svg>
  );
}

function LimbShape({ limb: { from, to, fromM, toM, soft } }: { limb: Limb }) {
  const path = capsule({ ...at(from), r: fromM * PIXELS }, { ...at(to), r: toM * PIXELS });
  return (
    <path
      d={path}
      fill={soft ? 'var(--color-prop)' : 'var(--color-skin)'}
      stroke="var(--color-ink)"
      strokeWidth={2}
      strokeLinejoin="round"
    />
  );
}

/** What the hands rest on, and what is sat on. */
function Support({ stance, points }: { stance: Stance; points: StanceLoad['points'] }) {
  const hand = at(points.hand);
  const fill = { fill: 'var(--color-ground)', stroke: 'var(--color-edge)', strokeWidth: 2 } as const;
  const onSeat = stance.kind === 'seated' || stance.kind === 'unload';
  const seat = at(points.hip);
  const isTable = stance.kind === 'seated' && stance.handsOverSeatM > 0.15;
  return (
    <>
      {onSeat && <path d={`M${seat.x - 50} ${seat.y + 24}h110v10h-100V${BOX.floor}h-10Z`} {...fill} />}
      {stance.kind === 'unload' && <path d={`M${hand.x - 45} ${hand.y + 6}h80v9h-80Z`} {...fill} />}
      {isTable && (
        <path
          d={`M${hand.x - 20} ${hand.y + 8}h170v10h-20V${BOX.floor}h-10V${hand.y + 18}h-140Z`}
          {...fill}
        />
      )}
      {stance.kind === 'lean' && stance.surface === 'wall' && (
        <path d={`M${hand.x + 8} 0h22V${BOX.floor}h-22Z`} {...fill} />
      )}
      {stance.kind === 'lean' && stance.surface === 'flat' && stance.handHeightM > 0.03 && (
        <path d={`M${hand.x - 24} ${hand.y + 8}h150V${BOX.floor}h-140V${hand.y + 20}h-10Z`} {...fill} />
      )}
    </>
  );
}

/** The wedge at the hands, as long as what they bear. */
function Wedge({ hand, share, wall }: { hand: SidePoint; share: number; wall: boolean }) {
  const { x, y } = at(hand);
  const long = 14 + share * 110;
  const d = wall ? `M${x + 36} ${y}l${long} -10v20Z` : `M${x} ${y + 12}l-10 ${long}h20Z`;
  return <path d={d} fill="var(--color-load)" opacity={0.9} />;
}

function handleOf(stance: Stance, points: StanceLoad['points']): SidePoint | null {
  switch (stance.kind) {
    case 'lean':
      return points.hand;
    case 'seated':
      return points.shoulder;
    case 'all fours':
      return points.hip;
    default:
      return null;
  }
}

/** The stance with its handle dragged to a point, metres; null where the handle says nothing. */
function dragged(stance: Stance, points: StanceLoad['points'], [x, y]: SidePoint): Stance | null {
  switch (stance.kind) {
    case 'lean':
      return { ...stance, handHeightM: clamp(Math.round(y * 100) / 100, 0, 1.5) };
    case 'seated': {
      const degrees = (Math.atan2(x - points.hip[0], y - points.hip[1]) * 180) / Math.PI;
      return { ...stance, leanDeg: clamp(Math.round(degrees), 0, 60) };
    }
    case 'all fours':
      return { ...stance, forwardM: clamp(Math.round((x - points.knee[0]) * 100) / 100, -0.18, 0.18) };
    default:
      return null;
  }
}

const clamp = (n: number, low: number, high: number): number => Math.min(high, Math.max(low, n));
