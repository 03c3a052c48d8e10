'use client';

import { useEffect, useState, type RefObject } from 'react';

export type Size = { readonly w: number; readonly h: number };

/** How large an element is, px. */
export function useSize(element: RefObject<HTMLElement | null>): Size {
  const [size, setSize] = useState<Size>({ w: 0, h: 0 });
  useEffect(() => {
    const at = element.current;
    if (!at) return;
    const observer = new ResizeObserver(() => setSize({ w: at.clientWidth, h: at.clientHeight }));
    observer.observe(at);
    return () => observer.disconnect();
  }, [element]);
  return size;
}
