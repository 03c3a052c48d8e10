import type { PlanTiming } from '@/core/plan/timing';
import { clockText } from '@/core/words';

/** How long the class is, of its slot, and what the time is made of. The ending is always shown. */
export function TimePanel({ timing, slotMs }: { timing: PlanTiming; slotMs: number }) {
  const over = timing.totalMs - slotMs;
  const scale = Math.max(slotMs, timing.totalMs);
  const parts = [
    { name: 'working', ms: timing.workMs, colour: 'var(--color-ink)' },
    { name: 'talk', ms: timing.talkMs, colour: 'var(--color-edge)' },
    { name: 'rest', ms: timing.restMs, colour: 'var(--color-ease)' },
  ];
  return (
    <section
      aria-label="Time"
      className="w-[29rem] max-w-full rounded-2xl border-2 border-line bg-paper px-4 py-3"
    >
      <p className="tabular">
        <strong className="text-lg">{clockText(timing.totalMs)}</strong> of {clockText(slotMs)},{' '}
        {over > 0 ? (
          <strong className="text-load">{clockText(over)} over</strong>
        ) : (
          `${clockText(-over)} in hand`
        )}
        {timing.endingMs > 0 && `, ending ${clockText(timing.endingMs)} kept`}
      </p>
      <div aria-hidden="true" className="my-2 flex h-3.5 overflow-hidden rounded-full border border-edge">
        {parts.map((p) => (
          <span key={p.name} style={{ width: `${(p.ms / scale) * 100}%`, background: p.colour }} />
        ))}
      </div>
      <ul className="tabular flex flex-wrap gap-x-5 text-sm">
        {parts.map((p) => (
          <li key={p.name} className="flex items-center gap-2">
            <span aria-hidden="true" className="size-3 rounded-full" style={{ background: p.colour }} />
            {p.name} {clockText(p.ms)}
          </li>
        ))}
      </ul>
    </section>
  );
}
