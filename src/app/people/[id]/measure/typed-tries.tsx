'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { HANDS, TRIES, type GripTrial } from '@/core/measure';
import type { Person } from '@/core/people';
import { fromShown } from '@/core/units';
import { Button } from '@/ui/form/button';
import { Field, inputClass, Trouble } from '@/ui/form/field';
import { requestJson } from '@/ui/request-json';
import { useUnits } from '@/ui/units';
import { InstrumentFields } from './instrument-fields';
import { useInstrument } from './use-instrument';
import { numberIn, problemWith } from './use-readings';

type Props = { person: Person; today: string };

/** What the meter showed, try by try, hands by turns; a try that was not made is left empty. */
export function TypedTries({ person, today }: Props) {
  const router = useRouter();
  const units = useUnits();
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});
  const [trouble, setTrouble] = useState<string | null>(null);
  const used = useInstrument('grip', 'kg');
  const inTurn = person.dominantHand === 'L' ? HANDS : HANDS.toReversed();
  const keys = Array.from({ length: TRIES }, (_, i) =>
    inTurn.map((hand) => ({ hand, key: `${hand}${i}` })),
  ).flat();
  const text = (key: string) => typed[key] ?? '';

  const keep = async () => {
    const wrong =
      keys.some(({ key }) => problemWith('grip', text(key), units)) || Object.keys(used.trouble).length > 0;
    const trials = keys.flatMap(({ hand, key }): GripTrial[] =>
      text(key).trim() === '' ? [] : [{ hand, peakKg: fromShown(numberIn(text(key)), 'kg', units) }],
    );
    if (wrong || trials.length === 0) {
      setTrouble(
        wrong ? 'One of the fields is not right yet. Nothing was kept.' : 'Nothing is written down yet.',
      );
      return;
    }
    const result = await requestJson('POST', `/api/people/${person.id}/grip`, {
      day: today,
      trials,
      ...(used.instrument && { instrument: used.instrument }),
    });
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    setTyped({});
    toast('The grip test is kept');
    router.refresh();
  };

  return (
    <section aria-label="What the meter showed" className="grid gap-4">
      <InstrumentFields used={used} example="hydraulic meter, handle 2" />
      <div className="flex flex-wrap gap-x-10 gap-y-4">
        {inTurn.map((hand) => (
          <fieldset key={hand} className="flex gap-3">
            <legend className="mb-1 font-semibold">
              {hand === 'L' ? 'Left hand' : 'Right hand'}, {units.mass}
            </legend>
            {Array.from({ length: TRIES }, (_, i) => {
              const key = `${hand}${i}`;
              return (
                <Field
                  key={key}
                  label={`Try ${i + 1}`}
                  error={problemWith('grip', text(key), units)}
                  className="w-24"
                >
                  {(field) => (
                    <input
                      {...field}
                      inputMode="decimal"
                      className={`${inputClass} tabular`}
                      value={text(key)}
                      onChange={(e) => setTyped({ ...typed, [key]: e.target.value })}
                    />
                  )}
                </Field>
              );
            })}
          </fieldset>
        ))}
      </div>
      <Trouble message={trouble} />
      <div>
        <Button look="main" onClick={() => void keep()}>
          Keep this test
        </Button>
      </div>
    </section>
  );
}
