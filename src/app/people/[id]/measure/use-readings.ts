import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import {
  inSteps,
  isOfWholePerson,
  MEASURES,
  type Instrument,
  type Measure,
  type MeasureKind,
} from '@/core/people';
import { fromShown, toShown, type Units } from '@/core/units';
import { plural } from '@/core/words';
import { requestJson } from '@/ui/request-json';
import { useUnits } from '@/ui/units';

export type Reading = { readonly kind: MeasureKind; readonly hand: Measure['hand'] };

export const handsOf = (kind: MeasureKind): readonly Measure['hand'][] =>
  isOfWholePerson(kind) ? ['both'] : ['L', 'R'];

const keyOf = ({ kind, hand }: Reading): string => `${kind} ${hand}`;

const BESIDE_REAL =
  'A simulated reading does not take the place of a real one of the same day: that one stays as it was.';

/** What is typed and not kept yet, by kind and hand, in the units of whoever types; it stays when keeping fails. */
export function useReadings(personId: string, today: string) {
  const router = useRouter();
  const units = useUnits();
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});
  /** Those that were read off the simulated scale and not typed over since. */
  const [simulated, setSimulated] = useState<readonly string[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const text = (of: Reading): string => typed[keyOf(of)] ?? '';
  const set = (of: Reading, value: string, from: 'typed' | 'simulated' = 'typed') => {
    setTyped({ ...typed, [keyOf(of)]: value });
    setSimulated(from === 'typed' ? simulated.filter((key) => key !== keyOf(of)) : [...simulated, keyOf(of)]);
  };

  const keep = async (kinds: readonly MeasureKind[], instrument?: Instrument, unit?: string) => {
    const filled = kinds
      .flatMap((kind) => handsOf(kind).map((hand) => ({ kind, hand })))
      .filter((of) => text(of).trim() !== '');
    const wrong = filled.find((of) => problemWith(of.kind, text(of), units));
    if (filled.length === 0 || wrong) {
      setTrouble(
        wrong ? 'One of the numbers is not right yet. Nothing was kept.' : 'Nothing is written down yet.',
      );
      return;
    }
    const measures = filled.map((of): Measure => ({
      ...of,
      value: fromShown(inSteps(of.kind, numberIn(text(of)), units), MEASURES[of.kind].unit, units),
      on: today,
      ...(simulated.includes(keyOf(of))
        ? { simulated: 'own' }
        : instrument && MEASURES[of.kind].unit === unit && { instrument }),
    }));
    const result = await requestJson<{ kept: number }>('POST', `/api/people/${personId}/measures`, {
      measures,
    });
    const isBesideReal = result.ok && result.value.kept < measures.length;
    setTrouble(isBesideReal ? BESIDE_REAL : result.ok ? null : result.message);
    if (!result.ok) return;
    setTyped({});
    setSimulated([]);
    toast(`${plural(result.value.kept, 'measure is', 'measures are')} kept`);
    router.refresh();
  };
  return { units, text, set, keep, trouble, isSimulated: (of: Reading) => simulated.includes(keyOf(of)) };
}

export type Readings = ReturnType<typeof useReadings>;

export const numberIn = (typed: string): number => Number(typed.replace(',', '.'));

/** What is wrong with what was typed, if anything is. */
export function problemWith(kind: MeasureKind, typed: string, units: Units): string | undefined {
  if (typed.trim() === '') return undefined;
  const n = numberIn(typed);
  if (!Number.isFinite(n)) return 'A number is needed';
  if (n < 0) return 'At least 0';
  const most = Math.floor(toShown(MEASURES[kind].most, MEASURES[kind].unit, units));
  return n > most ? `At most ${most}` : undefined;
}
