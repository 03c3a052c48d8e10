import type { Catalogue } from '@/core/catalogue/movement';
import { doseWords } from '@/core/dose/describe';
import { needsDayBetween } from '@/core/home/choose';
import { homeDays, littleAndOften, minuteText, weeklyTotal, type HomeDay } from '@/core/home/schedule';
import { fullName } from '@/core/people/person';
import { movementOfRow } from '@/core/plan/at-rung';
import type { MovementRow } from '@/core/plan/plan';
import { nameList, plural } from '@/core/words';
import type { CardToPrint } from '@/server/home';
import { CordView } from '@/ui/cord';
import { longDay, shortDay } from '@/ui/dates';
import { MovementPicture } from '@/ui/movement-picture';

type Props = CardToPrint & { catalogue: Catalogue };

const BREATH_MS = 5_000;

/** One person's card: each thing drawn, its cord, both hands said, the days to tick, and when to stop. */
export function HomeCardSheet({ card, person, info, nextClass, catalogue }: Props) {
  const times = littleAndOften(card.timesADay).map(minuteText);
  return (
    <article
      aria-label={`Card for ${fullName(person)}`}
      className="rounded-2xl border-2 border-ink bg-paper p-6 print:border-0 print:p-0 print:[zoom:0.8]"
    >
      <header className="flex flex-wrap items-baseline justify-between gap-x-8">
        <h2 className="text-2xl">At home: {fullName(person)}</h2>
        <p>
          After {info.name}, {longDay(info.day)}
        </p>
      </header>
      <p className="mt-1 text-lg">
        Little and often:{' '}
        {times.length === 1 ? 'once a day' : `${times.length} times a day, at about ${nameList(times, 6)}`}.
        {person.wantedTask && ` So that you can ${person.wantedTask}.`}
      </p>
      <ol className="mt-3">
        {card.rows.map((row) => (
          <CardItem
            key={row.id}
            row={row}
            catalogue={catalogue}
            daysOf={(dayBetween) => homeDays(info.day, nextClass?.day ?? null, times.length, dayBetween)}
          />
        ))}
      </ol>
      <p className="mt-3">
        <strong>Stop</strong> at pain over 5 of 10, or at sharp or shooting pain, new numbness or tingling
        that stays, or a joint that is suddenly hot or swollen; rest, and ask your clinician. More pain two
        hours later than before means fewer next time.
      </p>
      {nextClass && <p className="mt-1">Bring this card on {longDay(nextClass.day)}.</p>}
    </article>
  );
}

type ItemProps = {
  row: MovementRow;
  catalogue: Catalogue;
  daysOf: (dayBetween: boolean) => readonly HomeDay[];
};

function CardItem({ row, catalogue, daysOf }: ItemProps) {
  const movement = movementOfRow(row, catalogue);
  if (!movement) return null;
  const figure = catalogue.figure(movement.id);
  const prop = movement.propId ? catalogue.prop(movement.propId) : undefined;
  const days = daysOf(needsDayBetween(movement));
  const total = weeklyTotal(days, row.dose);
  return (
    <li className="flex break-inside-avoid gap-5 border-t py-3 print:py-2">
      <span className="w-36 shrink-0">{figure && <MovementPicture figure={figure} height={104} />}</span>
      <div className="min-w-0 flex-1">
        <h3 className="text-lg">{movement.name}</h3>
        <p>{movement.what}</p>
        <p className="font-semibold">{doseWords(row.dose)}</p>
        {prop && (
          <p>
            With {prop.name.toLowerCase()}, or {prop.substitute}.
          </p>
        )}
        <CordView
          dose={row.dose}
          purpose={movement.purpose}
          context={{ breathMs: BREATH_MS, isNew: false }}
          width={420}
          className="mt-1"
        />
        <div className="mt-2 flex flex-wrap items-end gap-x-6">
          <DayTicks days={days} />
          <p className="text-sm text-soft">
            {plural(total.goes, 'go', 'goes')}: {total.left} left, {total.right} right
          </p>
        </div>
      </div>
    </li>
  );
}

/** A box for each go of each day; a day of rest says so. */
function DayTicks({ days }: { days: readonly HomeDay[] }) {
  return (
    <ul className="flex flex-wrap gap-x-4 gap-y-1 text-sm">
      {days.map(({ day, times }) => (
        <li key={day} className="grid justify-items-center">
          <span>{shortDay(day).split(' ').slice(0, 2).join(' ')}</span>
          {times === 0 ? (
            <span>rest</span>
          ) : (
            <span className="flex gap-1" aria-hidden="true">
              {Array.from({ length: times }, (_, i) => (
                <svg key={i} width="18" height="18" viewBox="0 0 18 18">
                  <circle
                    cx="9"
                    cy="9"
                    r="7.5"
                    fill="var(--color-paper)"
                    stroke="var(--color-ink)"
                    strokeWidth="1.6"
                  />
                </svg>
              ))}
            </span>
          )}
        </li>
      ))}
    </ul>
  );
}
