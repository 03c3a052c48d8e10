'use client';

import { useEffect, useState } from 'react';
import { eachFrame, isStill } from './each-frame';

/**
 * A value of time, read anew on each frame while `running`. Where motion is not
 * wanted it steps once a second.
 */
export function useFrame(read: () => number, running: boolean): number {
  const [value, setValue] = useState(read);
  useEffect(() => {
    const still = isStill();
    const draw = () => {
      const at = read();
      setValue(still ? Math.floor(at / 1000) * 1000 : at);
    };
    draw();
    return running ? eachFrame(draw) : undefined;
  }, [read, running]);
  return value;
}
