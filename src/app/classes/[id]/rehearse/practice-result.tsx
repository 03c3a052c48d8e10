import type { Practice } from '@/core/teach';
import { plural } from '@/core/words';

/** A spread up to this many percent of the mean is what a practised hand does. */
const EVEN_PERCENT = 8;

/** What the taps say, in sentences; the figures stand behind them. */
export function PracticeResult({ result }: { result: Practice }) {
  const { expected, tapped, skipped, doubled, otherHand, lateMs, unevenPercent, sides } = result;
  if (tapped === 0) return <p className="mt-4 text-lg">Nothing was tapped.</p>;
  return (
    <section aria-label="How it was" role="status" className="mt-4 text-lg">
      <ul className="list-disc pl-6">
        <li>
          {plural(tapped, 'tap')} for {plural(expected, 'number')}.{' '}
          {skipped.length === 0 && doubled.length === 0
            ? 'None skipped, none doubled.'
            : [
                skipped.length > 0 && `Skipped: ${skipped.join(', ')}.`,
                doubled.length > 0 && `Doubled: ${doubled.join(', ')}.`,
              ]
                .filter(Boolean)
                .join(' ')}
        </li>
        {otherHand.length > 0 && <li>Tapped with the other hand: {otherHand.join(', ')}.</li>}
        {unevenPercent !== null && (
          <li>
            {unevenPercent <= EVEN_PERCENT ? 'Even' : 'Uneven'}: the time between taps varies by{' '}
            {unevenPercent.toFixed(0)} %.
          </li>
        )}
        {lateMs !== null && (
          <li>
            On average {Math.abs(lateMs / 1000).toFixed(2)} s {lateMs >= 0 ? 'after' : 'before'} the beat.
          </li>
        )}
        {sides.L !== null && sides.R !== null && <li>{sidesWords(sides.L, sides.R)}</li>}
      </ul>
    </section>
  );
}

function sidesWords(left: number, right: number): string {
  const percent = Math.round((Math.max(left, right) / Math.min(left, right) - 1) * 100);
  const pair = `left ${(left / 1000).toFixed(2)} s, right ${(right / 1000).toFixed(2)} s between numbers`;
  if (percent < 3) return `Both sides alike: ${pair}.`;
  return `The ${left > right ? 'left' : 'right'} side is ${percent} % slower: ${pair}.`;
}
