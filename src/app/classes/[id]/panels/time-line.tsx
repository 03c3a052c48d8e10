import type { RuleContext } from '@/core/plan';
import { clockText } from '@/core/words';

type Timing = RuleContext['timing'];

/** What the time of a class is made of, with the colours it is drawn in. */
export const timeParts = ({ workMs, talkMs, restMs }: Timing) =>
  [
    { name: 'working', ms: workMs, colour: 'var(--color-ink)' },
    { name: 'talk', ms: talkMs, colour: 'var(--color-edge)' },
    { name: 'rest', ms: restMs, colour: 'var(--color-ease)' },
  ] as const;

type Props = { context: RuleContext; open: boolean; onToggle: () => void };

/** How long the class is, of its slot, in one line; pressed, it says what the time is made of. */
export function TimeLine({ context: { timing, slotMs }, open, onToggle }: Props) {
  const over = timing.totalMs - slotMs;
  const scale = Math.max(slotMs, timing.totalMs);
  return (
    <section aria-label="Time" className="mx-1 shrink-0 xl:min-w-0 xl:flex-1">
      <button
        type="button"
        aria-expanded={open}
        className="tabular flex min-h-11 w-full items-center gap-3 rounded-full border-2 border-transparent px-2 whitespace-nowrap hover:border-edge hover:bg-paper aria-expanded:border-ink aria-expanded:bg-paper"
        onClick={onToggle}
      >
        <span>
          <strong className="text-lg">{clockText(timing.totalMs)}</strong> of {clockText(slotMs)}
          {over > 0 && <strong className="text-load">, {clockText(over)} over</strong>}
        </span>
        <span
          aria-hidden="true"
          className="hidden h-3 min-w-12 flex-1 overflow-hidden rounded-full border border-edge xl:flex"
        >
          {timeParts(timing).map((p) => (
            <span key={p.name} style={{ width: `${(p.ms / scale) * 100}%`, background: p.colour }} />
          ))}
        </span>
      </button>
    </section>
  );
}
