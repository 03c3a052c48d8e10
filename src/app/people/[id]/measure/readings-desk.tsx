'use client';

import type { MeasureKind, Person } from '@/core/people';
import { Button } from '@/ui/form/button';
import { Trouble } from '@/ui/form/field';
import { InstrumentFields } from './instrument-fields';
import { OppositionPicker } from './opposition-picker';
import { ReadingFields } from './reading-fields';
import { RealScale } from './real-scale';
import { ReadPush } from './scale-press';
import { useInstrument } from './use-instrument';
import { useReadings } from './use-readings';

type Props = {
  person: Person;
  today: string;
  kinds: readonly MeasureKind[];
  /** How many times as fast the clock runs. */
  rate: number;
  /** What it is read from, as an example; left out where there is no instrument. */
  instrument?: { readonly unit: string; readonly example: string };
  /** What helps to read one of them. */
  aid?: 'scale' | 'thumb';
  /** In the demo the simulated scale comes first; elsewhere what a real one showed. */
  isDemo: boolean;
};

/** Measures read off by eye, ruler, scale or by asking, written down by hand; kept together. */
export function ReadingsDesk({ person, today, kinds, rate, instrument, aid, isDemo }: Props) {
  const readings = useReadings(person.id, today);
  const used = useInstrument(kinds[0]!, instrument?.unit ?? '');
  const scale = <ReadPush first={person.dominantHand} readings={readings} rate={rate} />;
  const keep = () => {
    if (Object.keys(used.trouble).length === 0) void readings.keep(kinds, used.instrument, instrument?.unit);
  };
  return (
    <div className="grid gap-5">
      {aid === 'scale' && isDemo && scale}
      {aid === 'scale' && (
        <RealScale
          first={person.dominantHand}
          readings={readings}
          onScale={(name) => used.set({ name, step: used.typed.step || '0.1' })}
        />
      )}
      {aid === 'thumb' && <OppositionPicker readings={readings} />}
      {instrument && <InstrumentFields used={used} example={instrument.example} />}
      <ReadingFields kinds={kinds} person={person} readings={readings} />
      <Trouble message={readings.trouble} />
      <div>
        <Button look="main" onClick={keep}>
          Keep these measures
        </Button>
      </div>
      {aid === 'scale' && !isDemo && (
        <details>
          <summary className="min-h-11 content-center text-lg font-semibold">Try the simulated scale</summary>
          {scale}
        </details>
      )}
    </div>
  );
}
