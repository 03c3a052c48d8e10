import { useMemo } from 'react';
import { sittersPicture, type Sitter } from '@/core/drill';
import { FigureShapes } from '@/ui/hand/hand-figure';

/** The people whom a question is about, side by side as whoever leads them sees them, over the buttons that name them. */
export function Sitters({ sitters }: { sitters: readonly Sitter[] }) {
  const { each, box } = useMemo(() => sittersPicture(sitters), [sitters]);
  return (
    <ul aria-label="Who sits there" className="mt-4 grid grid-cols-5 gap-2">
      {each.map((shapes, i) => (
        <li key={i}>
          <svg
            role="img"
            aria-label={`Number ${i + 1}: ${sitters[i]!.seen}`}
            viewBox={`${box.x} ${box.y} ${box.w} ${box.h}`}
            className="w-full"
          >
            <FigureShapes shapes={shapes} />
          </svg>
        </li>
      ))}
    </ul>
  );
}
