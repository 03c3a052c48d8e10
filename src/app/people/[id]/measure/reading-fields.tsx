import {
  inSteps,
  isCounted,
  measureName,
  MEASURES,
  measureText,
  measureUnit,
  type MeasureKind,
  type Person,
} from '@/core/people';
import type { Units } from '@/core/units';
import { shortDay } from '@/ui/words/dates';
import { Field, inputClass } from '@/ui/form/field';
import { handsOf, numberIn, problemWith, type Reading, type Readings } from './use-readings';

type Props = { kinds: readonly MeasureKind[]; person: Person; readings: Readings };

/** A line for each kind: how it is done, a number for each hand, and what it was last time. */
export function ReadingFields({ kinds, person, readings }: Props) {
  return (
    <ul className="grid gap-5">
      {kinds.map((kind) => (
        <li key={kind} className="border-b pb-4">
          <h2 className="text-lg">{MEASURES[kind].name}</h2>
          <p className="text-soft">{MEASURES[kind].how}</p>
          <div className="mt-2 flex flex-wrap gap-6">
            {handsOf(kind).map((hand) => (
              <ReadingField key={hand} of={{ kind, hand }} person={person} readings={readings} />
            ))}
          </div>
        </li>
      ))}
    </ul>
  );
}

function ReadingField({ of, person, readings }: { of: Reading; person: Person; readings: Readings }) {
  const typed = readings.text(of);
  return (
    <Field
      label={`${measureName(of)}, ${measureUnit(of.kind, readings.units)}`}
      hint={readings.isSimulated(of) ? 'Read off the simulated scale' : lastWords(person, of, readings.units)}
      error={problemWith(of.kind, typed, readings.units)}
      className="w-72"
    >
      {(field) => (
        <input
          {...field}
          inputMode="decimal"
          className={`${inputClass} tabular max-w-32`}
          value={typed}
          onChange={(e) => readings.set(of, e.target.value)}
          onBlur={() => {
            if (typed.trim() !== '' && !problemWith(of.kind, typed, readings.units))
              readings.set(
                of,
                String(inSteps(of.kind, numberIn(typed), readings.units)),
                readings.isSimulated(of) ? 'simulated' : 'typed',
              );
          }}
        />
      )}
    </Field>
  );
}

/** What it was last time. */
function lastWords({ measures }: Person, { kind, hand }: Reading, units: Units): string {
  const [last] = measures
    .filter((m) => m.kind === kind && m.hand === hand && isCounted(m))
    .sort((a, b) => b.on.localeCompare(a.on));
  return last ? `${measureText(kind, last.value, units)} on ${shortDay(last.on)}` : 'Not measured yet';
}
