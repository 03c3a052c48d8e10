import { useLayoutEffect, useRef, useState } from 'react';
import type { Person } from '@/core/people';
import type { PlanCheck } from '@/core/plan';
import { Reasons, type Told } from './weave-head';

type Props = {
  told: Told;
  people: readonly Person[];
  check: PlanCheck;
  titleOf: (rowId: string) => string;
};

/** Room between a bead and its reasons, and from the edge of the screen, px. */
const [GAP, EDGE] = [6, 8];

/** The reasons of a bead just under it, or over it where the screen ends; they follow no mouse and take no clicks. */
export function ReasonsAtBead({ told, ...rest }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const [at, setAt] = useState<{ left: number; top: number } | null>(null);
  useLayoutEffect(() => {
    const place = () => {
      const bead = document.getElementById(`cell-${told.rowId}-${told.personId}`)?.getBoundingClientRect();
      const own = box.current?.getBoundingClientRect();
      if (!bead || !own) return setAt(null);
      const left = Math.min(bead.left, window.innerWidth - own.width - EDGE);
      const below = bead.bottom + GAP;
      const foot = document.getElementById('findings')?.getBoundingClientRect().top ?? window.innerHeight;
      setAt({
        left: Math.max(EDGE, left),
        top: below + own.height > foot ? Math.max(EDGE, bead.top - own.height - GAP) : below,
      });
    };
    place();
    window.addEventListener('scroll', place, true);
    return () => window.removeEventListener('scroll', place, true);
  }, [told]);
  return (
    <div
      ref={box}
      className="no-print pointer-events-none fixed z-30 w-[32rem] max-w-[94vw]"
      style={at ?? { left: 0, top: 0, visibility: 'hidden' }}
    >
      <Reasons told={told} {...rest} />
    </div>
  );
}
