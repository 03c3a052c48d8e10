import { MIN_MS, type Count, type Dose } from './dose';

/** The count with the longest length that any pass or step of the dose has: what the hand is asked at most. */
export function longestCount({ count, passes }: Pick<Dose, 'count' | 'passes'>): Count {
  const most = (usual: number) => Math.max(usual, ...passes.map((p) => p.ms ?? 0));
  switch (count.mode) {
    case 'reps':
      return { ...count, tempoMs: most(count.tempoMs) };
    case 'hold':
      return { ...count, holdMs: most(count.holdMs) };
    case 'time':
      return { ...count, timeMs: most(count.timeMs) };
    case 'sequence':
      return { ...count, stepMs: Math.max(most(count.stepMs), ...(count.more ?? []).map((m) => m.ms ?? 0)) };
    case 'breaths':
      return count;
  }
}

/** A dose of which no hold, free time or step is longer than this, ms, or than the shortest that can be counted; repetitions and breaths as they are. */
export function noLongerThan(dose: Dose, mostMs: number): Dose {
  const { count } = dose;
  const cappedAt = (minMs: number) => (ms: number) => Math.min(ms, Math.max(mostMs, minMs));
  const passes = (capped: (ms: number) => number) =>
    dose.passes.map((p) => (p.ms === undefined ? p : { ...p, ms: capped(p.ms) }));
  switch (count.mode) {
    case 'hold': {
      const capped = cappedAt(MIN_MS.hold);
      return { ...dose, passes: passes(capped), count: { ...count, holdMs: capped(count.holdMs) } };
    }
    case 'time': {
      const capped = cappedAt(MIN_MS.time);
      return { ...dose, passes: passes(capped), count: { ...count, timeMs: capped(count.timeMs) } };
    }
    case 'sequence': {
      const capped = cappedAt(MIN_MS.step);
      const more = count.more?.map((m) => (m.ms === undefined ? m : { ...m, ms: capped(m.ms) }));
      const steps = { ...count, stepMs: capped(count.stepMs), ...(more && { more }) };
      return { ...dose, passes: passes(capped), count: steps };
    }
    case 'reps':
    case 'breaths':
      return dose;
  }
}

/** A dose with no pass, step or layer that has more or longer than the others. */
export function withoutExtras(dose: Dose): Dose {
  const { count } = dose;
  const { more: _, ...sequence } = count.mode === 'sequence' ? count : { ...count, more: undefined };
  return {
    ...dose,
    count: count.mode === 'sequence' ? (sequence as Count) : count,
    passes: dose.passes.map(({ extra: _extra, ms: _ms, ...pass }) => pass),
    ...(dose.layers && { layers: dose.layers.map(({ name }) => ({ name })) }),
  };
}
