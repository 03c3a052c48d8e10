import { painTooHigh } from '@/core/screening';
import type { WrapUpPerson } from '@/core/teach';

/** Said where it is entered: pain above what is acceptable. */
export function TooHigh({ line, className = '' }: { line: WrapUpPerson; className?: string }) {
  const pain = line.present ? painTooHigh(line.painAfterLeft, line.painAfterRight) : null;
  return (
    <span role="status" className={`text-sm font-semibold whitespace-normal text-load ${className}`}>
      {pain !== null && `Pain ${pain} means stop: ask two hours later and the next morning`}
    </span>
  );
}
