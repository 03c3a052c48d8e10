import { isCounted, measureName, type Measure } from '@/core/people';
import { Measured } from '@/ui/units';
import { shortDay } from '@/ui/words/dates';

/** What was read off the simulated meter or scale on one's own data: shown, and counted for nothing. */
export function NotCounted({ measures }: { measures: readonly Measure[] }) {
  const simulated = measures.filter((m) => !isCounted(m)).sort((a, b) => b.on.localeCompare(a.on));
  if (simulated.length === 0) return null;
  return (
    <details className="mt-3 mb-8">
      <summary className="min-h-11 content-center font-semibold">
        Simulated readings, counted for nothing: {simulated.length}
      </summary>
      <ul>
        {simulated.map((m) => (
          <li key={`${m.kind} ${m.hand} ${m.on}`}>
            {measureName(m)}: <Measured kind={m.kind} value={m.value} /> on {shortDay(m.on)}, simulated
          </li>
        ))}
      </ul>
    </details>
  );
}
