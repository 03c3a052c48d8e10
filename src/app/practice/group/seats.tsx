import type { MadeUpPerson, Seat } from '@/core/practice';
import { fullName } from '@/core/people';
import type { Away } from '@/core/teach';

type Props = {
  group: readonly MadeUpPerson[];
  seats: readonly Seat[];
  away: readonly Away[];
  chosen: string | null;
  /** What each is seen doing, by id. */
  seen: ReadonlyMap<string, string>;
  onChoose: (personId: string) => void;
};

/** Everybody as something to tap, over the picture, with their name under them. */
export function Seats({ group, seats, away, chosen, seen, onChoose }: Props) {
  return (
    <ul aria-label="Who sits there">
      {group.map(({ person }, i) => {
        const seat = seats[i];
        if (!seat || away.some((a) => a.personId === person.id)) return null;
        const name = fullName(person);
        const words = seen.get(person.id);
        return (
          <li
            key={person.id}
            className="absolute"
            style={{ left: seat.x, top: seat.y, width: seat.w, height: seat.h }}
          >
            <button
              type="button"
              aria-pressed={chosen === person.id}
              aria-label={words ? `${name}: ${words}` : name}
              onClick={() => onChoose(person.id)}
              className="flex size-full items-end justify-center rounded-xl border-2 border-transparent hover:border-edge aria-pressed:border-ink"
            >
              <span className="translate-y-1 rounded bg-paper px-1 text-sm leading-tight font-semibold whitespace-nowrap max-md:hidden">
                {name}
              </span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
