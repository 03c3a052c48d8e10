'use client';

import type { MeasureKind, Person } from '@/core/people';
import { Button } from '@/ui/form/button';
import { Trouble } from '@/ui/form/field';
import { OppositionPicker } from './opposition-picker';
import { ReadingFields } from './reading-fields';
import { ReadPush } from './scale-press';
import { useReadings } from './use-readings';

type Props = {
  person: Person;
  today: string;
  kinds: readonly MeasureKind[];
  /** How many times as fast the clock runs. */
  rate: number;
  /** What helps to read one of them. */
  aid?: 'scale' | 'thumb';
};

/** Measures read off by eye, ruler, scale or by asking, written down by hand; kept together. */
export function ReadingsDesk({ person, today, kinds, rate, aid }: Props) {
  const readings = useReadings(person.id, today);
  return (
    <div className="grid gap-5">
      {aid === 'scale' && <ReadPush first={person.dominantHand} readings={readings} rate={rate} />}
      {aid === 'thumb' && <OppositionPicker readings={readings} />}
      <ReadingFields kinds={kinds} person={person} readings={readings} />
      <Trouble message={readings.trouble} />
      <div>
        <Button look="main" onClick={() => void readings.keep(kinds)}>
          Keep these measures
        </Button>
      </div>
    </div>
  );
}
