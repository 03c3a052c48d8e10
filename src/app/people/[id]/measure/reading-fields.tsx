import {
  inSteps,
  isCounted,
  measureName,
  MEASURES,
  measureText,
  type MeasureKind,
  type Person,
} from '@/core/people';
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
      label={`${measureName(of)}, ${MEASURES[of.kind].unit}`}
      hint={readings.isSimulated(of) ? 'Read off the simulated scale' : lastWords(person, of)}
      error={problemWith(of.kind, typed)}
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
            if (typed.trim() !== '' && !problemWith(of.kind, typed))
              readings.set(
                of,
                String(inSteps(of.kind, numberIn(typed))),
                readings.isSimulated(of) ? 'simulated' : 'typed',
              );
          }}
        />
      )}
    </Field>
  );
}

/** What it was last time. */
function lastWords({ measures }: Person, { kind, hand }: Reading): string {
  const [last] = measures
    .filter((m) => m.kind === kind && m.hand === hand && isCounted(m))
    .sort((a, b) => b.on.localeCompare(a.on));
  return last ? `${measureText(kind, last.value)} on ${shortDay(last.on)}` : 'Not measured yet';
}
