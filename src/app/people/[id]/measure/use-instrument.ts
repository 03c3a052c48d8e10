import { useEffect, useState } from 'react';
import { instrumentSchema, type Instrument } from '@/core/people';

/** As it is typed: nothing has to be said of it. */
export type InstrumentTyped = { readonly name: string; readonly step: string };

const NOTHING: InstrumentTyped = { name: '', step: '' };
const keyOf = (what: string) => `oskil-instrument-${what}`;

/** The instrument that something is read from; this device remembers it until another is typed. */
export function useInstrument(what: string) {
  const [typed, setTyped] = useState(NOTHING);
  useEffect(() => setTyped(remembered(what)), [what]);
  const set = (part: Partial<InstrumentTyped>) => {
    const next = { ...typed, ...part };
    setTyped(next);
    localStorage.setItem(keyOf(what), JSON.stringify(next));
  };
  return { typed, set, trouble: troubleWith(typed), instrument: instrumentOf(typed) };
}
export type InstrumentInUse = ReturnType<typeof useInstrument>;

function remembered(what: string): InstrumentTyped {
  try {
    return { ...NOTHING, ...(JSON.parse(localStorage.getItem(keyOf(what)) ?? '{}') as object) };
  } catch {
    return NOTHING;
  }
}

const read = ({ name, step }: InstrumentTyped) =>
  instrumentSchema.safeParse({ name, step: Number(step.replace(',', '.')) });

const isLeftOut = ({ name, step }: InstrumentTyped): boolean => name.trim() === '' && step.trim() === '';

function instrumentOf(typed: InstrumentTyped): Instrument | undefined {
  const parsed = read(typed);
  return parsed.success ? parsed.data : undefined;
}

/** What is wrong with it, where something is typed. */
function troubleWith(typed: InstrumentTyped): { readonly name?: string; readonly step?: string } {
  if (isLeftOut(typed)) return {};
  const parsed = read(typed);
  if (parsed.success) return {};
  return Object.fromEntries(parsed.error.issues.map((i) => [String(i.path[0]), i.message]));
}
