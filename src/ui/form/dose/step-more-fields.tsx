'use client';

import type { Count } from '@/core/dose';
import { NumberField } from './number-field';

type Sequence = Extract<Count, { mode: 'sequence' }>;
type Props = { count: Sequence; onChange: (count: Count) => void };

/** A stiffer finger comes more often in each round, or gets more time. */
export function StepMoreFields({ count, onChange }: Props) {
  const { more = [] } = count;
  const set = (step: string, part: { times?: number; ms?: number }) => {
    const before = more.find((m) => m.step === step);
    const { times, ms } = { ...before, ...part };
    const others = more.filter((m) => m.step !== step);
    const kept = { step, ...(times && { times }), ...(ms && ms !== count.stepMs && { ms }) };
    const next = kept.times || kept.ms ? [...others, kept] : others;
    const { more: _, ...rest } = count;
    onChange(next.length > 0 ? { ...rest, more: next } : rest);
  };
  return (
    <details className="w-full">
      <summary className="min-h-11 cursor-pointer content-center">More for a step</summary>
      <div className="grid gap-2">
        {[...new Set(count.steps)].map((step) => {
          const own = more.find((m) => m.step === step);
          return (
            <div key={step} className="flex flex-wrap items-end gap-3">
              <p className="min-w-32 self-center">{step}</p>
              <NumberField
                label={`Times more, ${step}`}
                value={own?.times ?? 0}
                min={0}
                max={5}
                onChange={(times) => set(step, { times })}
              />
              <NumberField
                label={`Seconds, ${step}`}
                value={(own?.ms ?? count.stepMs) / 1000}
                min={0.2}
                max={60}
                step={0.5}
                whole={false}
                onChange={(s) => set(step, { ms: Math.round(s * 1000) })}
              />
            </div>
          );
        })}
      </div>
    </details>
  );
}
