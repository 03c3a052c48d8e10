'use client';

import { useEffect, useRef, useState } from 'react';
import type { MovementFigure } from '@/core/hand';
import { MovementPicture } from './movement-picture';

/** Room for the widest pictures at a glance; wider ones are drawn smaller. */
const WIDE = 1.35;

/** A picture that is drawn when it comes near the screen, in a room that is the same for all. */
export function LazyPicture({ figure, height }: { figure: MovementFigure; height: number }) {
  const [near, setNear] = useState(false);
  const place = useRef<HTMLSpanElement>(null);
  useEffect(() => {
    if (near || !place.current) return;
    const watcher = new IntersectionObserver((seen) => seen.some((s) => s.isIntersecting) && setNear(true), {
      rootMargin: '400px',
    });
    watcher.observe(place.current);
    return () => watcher.disconnect();
  }, [near]);
  const width = Math.round(height * WIDE);
  return (
    <span ref={place} className="grid shrink-0 place-items-center" style={{ width, height }}>
      {near && <MovementPicture figure={figure} height={height} most={width} />}
    </span>
  );
}
