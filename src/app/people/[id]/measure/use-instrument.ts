import { useEffect, useState } from 'react';
import { instrumentSchema, type Instrument } from '@/core/people';
import { fromShown, unitShown, type Units } from '@/core/units';
import { useUnits } from '@/ui/units';

/** As it is typed: nothing has to be said of it. */
export type InstrumentTyped = { readonly name: string; readonly step: string };

/** As finely as a step is kept. */
const FINEST_STEP = 0.01;

const NOTHING: InstrumentTyped = { name: '', step: '' };
const keyOf = (what: string, unit: string) =>
  `oskil-instrument-${what}${unit === 'lb' || unit === 'in' ? `-${unit}` : ''}`;

/** The instrument that something is read from, kept in this unit; this device remembers it until another is typed. */
export function useInstrument(what: string, kept: string) {
  const units = useUnits();
  const unit = unitShown(kept, units);
  const key = keyOf(what, unit);
  const [typed, setTyped] = useState(NOTHING);
  useEffect(() => setTyped(remembered(key)), [key]);
  const set = (part: Partial<InstrumentTyped>) => {
    const next = { ...typed, ...part };
    setTyped(next);
    localStorage.setItem(key, JSON.stringify(next));
  };
  return { typed, set, unit, trouble: troubleWith(typed), instrument: instrumentOf(typed, kept, units) };
}
export type InstrumentInUse = ReturnType<typeof useInstrument>;

function remembered(key: string): InstrumentTyped {
  try {
    return { ...NOTHING, ...(JSON.parse(localStorage.getItem(key) ?? '{}') as object) };
  } catch {
    return NOTHING;
  }
}

const read = ({ name, step }: InstrumentTyped) =>
  instrumentSchema.safeParse({ name, step: Number(step.replace(',', '.')) });

const isLeftOut = ({ name, step }: InstrumentTyped): boolean => name.trim() === '' && step.trim() === '';

function instrumentOf(typed: InstrumentTyped, kept: string, units: Units): Instrument | undefined {
  const parsed = read(typed);
  if (!parsed.success) return undefined;
  const { step, ...rest } = parsed.data;
  return { ...rest, step: Math.max(FINEST_STEP, fromShown(step, kept, units)) };
}

/** What is wrong with it, where something is typed. */
function troubleWith(typed: InstrumentTyped): { readonly name?: string; readonly step?: string } {
  if (isLeftOut(typed)) return {};
  const parsed = read(typed);
  if (parsed.success) return {};
  return Object.fromEntries(parsed.error.issues.map((i) => [String(i.path[0]), i.message]));
}
