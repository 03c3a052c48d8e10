'use client';

import { useRef, useState, type PointerEvent } from 'react';
import { painted } from '@/core/draw';
import {
  handleAt,
  HANDLES,
  handParts,
  reach,
  seenHand,
  VIEWS,
  type FigureView,
  type FullPose,
  type Handle,
  type Place,
} from '@/core/hand';
import { FigureShapes } from '@/ui/hand/hand-figure';

const BOX = { x: -140, y: -195, w: 280, h: 325 };
/** A finger's reach round a handle, mm. */
const GRAB_MM = 34;

type Props = { pose: FullPose; view: FigureView; onChange: (pose: FullPose) => void };

/** A right hand whose fingertips and palm can be taken and moved; joints stop at their limits. */
export function DraggableHand({ pose, view, onChange }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<Handle | null>(null);
  const place: Place = { ...VIEWS[view], at: [0, 0, 0], frame: 'forearm' };
  const seen = seenHand(pose, place, false);

  const pointOf = (e: PointerEvent): readonly [number, number] => {
    const { left, top, width } = svg.current!.getBoundingClientRect();
    const mm = BOX.w / width;
    return [BOX.x + (e.clientX - left) * mm, BOX.y + (e.clientY - top) * mm];
  };
  const take = (e: PointerEvent<SVGSVGElement>) => {
    const [x, y] = pointOf(e);
    const [nearest] = HANDLES.map((handle) => {
      const at = handleAt(seen, handle);
      return { handle, mm: Math.hypot(at[0] - x, at[1] - y) };
    }).sort((a, b) => a.mm - b.mm);
    if (!nearest || nearest.mm > GRAB_MM) return;
    e.currentTarget.setPointerCapture(e.pointerId);
    setHeld(nearest.handle);
  };
  const move = (e: PointerEvent) => {
    if (held) onChange(reach(pose, held, pointOf(e), place));
  };
  const letGo = () => setHeld(null);

  return (
    <svg
      ref={svg}
      role="img"
      aria-label="The hand in this pose; fingertips and the middle knuckle can be dragged, and every joint has a slider"
      viewBox={`${BOX.x} ${BOX.y} ${BOX.w} ${BOX.h}`}
      className="w-full max-w-md cursor-grab touch-none rounded-2xl bg-paper active:cursor-grabbing"
      onPointerDown={take}
      onPointerMove={move}
      onPointerUp={letGo}
      onPointerCancel={letGo}
    >
      <FigureShapes shapes={painted(handParts(seen))} />
      {HANDLES.map((handle) => {
        const [x, y] = handleAt(seen, handle);
        return (
          <circle
            key={handle}
            data-handle={handle}
            cx={x}
            cy={y}
            r={held === handle ? 11 : 8}
            fill={held === handle ? 'var(--color-glide)' : 'var(--color-paper)'}
            fillOpacity="0.85"
            stroke="var(--color-glide)"
            strokeWidth="3"
          />
        );
      })}
    </svg>
  );
}
