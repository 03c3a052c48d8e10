'use client';

import { useEffect, useState } from 'react';

/**
 * A value of time, read anew on each frame while `running`. Where motion is not
 * wanted it steps once a second.
 */
export function useFrame(read: () => number, running: boolean): number {
  const [value, setValue] = useState(read);
  useEffect(() => {
    let frame = 0;
    const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
    const draw = () => {
      const at = read();
      setValue(still ? Math.floor(at / 1000) * 1000 : at);
      if (running) frame = requestAnimationFrame(draw);
    };
    draw();
    return () => cancelAnimationFrame(frame);
  }, [read, running]);
  return value;
}
