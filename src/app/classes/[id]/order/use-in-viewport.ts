'use client';

import { useCallback, useEffect, useRef, useState } from 'react';

/** How far beyond the screen a row counts as near, in pixels. */
const MARGIN = '700px 0px';

type Near = {
  readonly near: boolean;
  /** The height a row had when it was near, kept while it is empty so that nothing jumps. */
  readonly height: number | undefined;
  readonly ref: (element: HTMLElement | null) => void;
};

/** Whether an element is on the screen or close to it. Everything is near while printing, and where it is not asked for. */
export function useInViewport(asked: boolean): Near {
  const [seen, setSeen] = useState<{ near: boolean; height?: number }>({ near: false });
  const element = useRef<HTMLElement | null>(null);
  const ref = useCallback((e: HTMLElement | null) => {
    element.current = e;
  }, []);

  useEffect(() => {
    const { current } = element;
    if (!asked || !current) return;
    const observer = new IntersectionObserver(
      ([entry]) => {
        if (!entry) return;
        const { height } = entry.boundingClientRect;
        setSeen((before) =>
          before.near === entry.isIntersecting ? before : { near: entry.isIntersecting, height },
        );
      },
      { rootMargin: MARGIN },
    );
    observer.observe(current);
    const all = () => setSeen({ near: true });
    window.addEventListener('beforeprint', all);
    return () => {
      observer.disconnect();
      window.removeEventListener('beforeprint', all);
    };
  }, [asked]);

  const near = !asked || seen.near;
  return { near, height: near ? undefined : seen.height, ref };
}
