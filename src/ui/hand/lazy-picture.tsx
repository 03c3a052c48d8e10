'use client';

import { useEffect, useRef, useState } from 'react';
import { boxOf, isLone, loneBoxOf, type MovementFigure } from '@/core/hand';
import { MovementPicture } from './movement-picture';

/** A picture that is drawn when it comes near the screen, in the room it will need. */
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
  const { w, h } = isLone(figure) ? loneBoxOf(figure) : boxOf(figure);
  return (
    <span ref={place} className="block shrink-0" style={{ width: (height * w) / h, height }}>
      {near && <MovementPicture figure={figure} height={height} />}
    </span>
  );
}
