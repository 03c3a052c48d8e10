import {
  aboutMinutes,
  dayMs,
  littleAndOften,
  MAX_ITEMS,
  MAX_TIMES,
  minuteText,
  mostTimes,
  whenText,
  type HomeHours,
} from '@/core/home';
import { plural } from '@/core/words';
import { Button } from '@/ui/form/button';
import { CheckBox } from '@/ui/form/check-box';
import { NumberField } from '@/ui/form/dose/number-field';
import { SelectField } from '@/ui/form/select-field';

export type HomeLine = {
  readonly personId: string;
  readonly name: string;
  /** Why there is little or nothing. */
  readonly why: string | null;
  readonly timesADay: number;
  readonly hours: HomeHours;
  readonly chosen: readonly string[];
  readonly hasCard: boolean;
  readonly items: readonly HomeItemLine[];
};

type HomeItemLine = {
  readonly rowId: string;
  readonly words: string;
  readonly dayBetween: boolean;
  /** How long it takes once, ms. */
  readonly ms: number;
};

export type HomeCardChoice = {
  readonly rowIds: readonly string[];
  readonly timesADay: number;
  readonly hours: HomeHours;
};

type Props = {
  line: HomeLine;
  choice: HomeCardChoice;
  /** Whether it stands open at first. */
  open: boolean;
  ticked: boolean;
  onTick: (on: boolean) => void;
  onChange: (choice: HomeCardChoice) => void;
};

/** What one person takes home: whether a card is made, how often, when, and which things. */
export function HomePerson({ line, choice, open, ticked, onTick, onChange }: Props) {
  const chosen = line.items.filter((i) => choice.rowIds.includes(i.rowId));
  const times = littleAndOften(choice.timesADay, choice.hours);
  return (
    <li className="flex items-start gap-3 border-b py-1">
      <CheckBox
        label={<span className="sr-only">A card for {line.name}</span>}
        on={ticked}
        onChange={onTick}
      />
      <details open={open} className="min-w-0 flex-1">
        <summary className="min-h-11 content-center">
          <strong>{line.name}:</strong>{' '}
          {chosen.length === 0
            ? 'nothing chosen'
            : `${plural(chosen.length, 'thing')}, ${times.length} times a day, ${aboutMinutes(dayMs(chosen, times.length))} a day`}
          {line.hasCard && ', card made'}
          {line.why && <span className="text-soft"> ({line.why})</span>}
        </summary>
        <div className="pb-3">
          <HowOften choice={choice} onChange={onChange} />
          <p className="mt-1 text-soft">{sentence(whenText(times))}. Resisted work once, every other day.</p>
          <Things line={line} choice={choice} onChange={onChange} />
        </div>
      </details>
    </li>
  );
}

const sentence = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const TWO_HOURS_MIN = 120;
const HALF_HOURS = Array.from({ length: 33 }, (_, i) => 6 * 60 + i * 30);
const GAPS: readonly (readonly [string, string])[] = [
  ['60', '1 hour'],
  ['90', '1 hour and a half'],
  ['120', '2 hours'],
  ['180', '3 hours'],
  ['240', '4 hours'],
];

type ChoiceProps = Pick<Props, 'choice' | 'onChange'>;

function HowOften({ choice, onChange }: ChoiceProps) {
  const { hours } = choice;
  const change = (part: Partial<HomeHours>) => {
    const next = { ...hours, ...part };
    onChange({ ...choice, hours: next, timesADay: Math.min(choice.timesADay, mostTimes(next)) });
  };
  const timesOf = (from: number, until: number) =>
    HALF_HOURS.filter((m) => m >= from && m <= until).map((m) => [String(m), minuteText(m)] as const);
  const often = { ...hours, gapMin: TWO_HOURS_MIN };
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
      <NumberField
        label="Times a day"
        value={choice.timesADay}
        min={1}
        max={Math.min(MAX_TIMES, mostTimes(hours))}
        onChange={(timesADay) => onChange({ ...choice, timesADay })}
      />
      <Button onClick={() => onChange({ ...choice, hours: often, timesADay: mostTimes(often) })}>
        Every two hours
      </Button>
      <SelectField
        label="From"
        className="w-28"
        value={String(hours.fromMin)}
        choices={timesOf(0, hours.untilMin)}
        onChange={(m) => change({ fromMin: Number(m) })}
      />
      <SelectField
        label="Until"
        className="w-28"
        value={String(hours.untilMin)}
        choices={timesOf(hours.fromMin, 24 * 60)}
        onChange={(m) => change({ untilMin: Number(m) })}
      />
      <SelectField
        label="At least apart"
        className="w-48"
        value={String(hours.gapMin)}
        choices={GAPS}
        onChange={(m) => change({ gapMin: Number(m) })}
      />
    </div>
  );
}

function Things({ line, choice, onChange }: ChoiceProps & Pick<Props, 'line'>) {
  const full = choice.rowIds.length >= MAX_ITEMS;
  const pick = (rowId: string, on: boolean) =>
    onChange({
      ...choice,
      rowIds: on ? [...choice.rowIds, rowId] : choice.rowIds.filter((id) => id !== rowId),
    });
  return (
    <>
      {full && (
        <p className="mt-2 text-soft">Five is as much as a card holds; take one out to put another in.</p>
      )}
      <ul className="mt-2">
        {line.items.map(({ rowId, words, dayBetween }) => {
          const on = choice.rowIds.includes(rowId);
          return (
            <li key={rowId}>
              <CheckBox
                label={dayBetween ? `${words} (a day between)` : words}
                on={on}
                disabled={full && !on}
                onChange={(next) => pick(rowId, next)}
              />
            </li>
          );
        })}
      </ul>
    </>
  );
}
