import { fullName, type Person } from '@/core/people';
import { interruptionsOf, type FollowUpAnswer, type TeachEvent } from '@/core/teach';
import { capital, clockText } from '@/core/words';

type Props = {
  events: readonly TeachEvent[];
  people: readonly Person[];
  titleOf: (rowId: string) => string;
  /** What people answered after the class. */
  answers: readonly FollowUpAnswer[];
};

/** Notes made in class, and who did a row easier or stronger than the others. */
export function ClassNotes({ events, people, titleOf, answers }: Props) {
  const row = (rowId: string | null) => (rowId ? titleOf(rowId) : '');
  const noted = events.flatMap((event) => {
    const words = lineOf(event, people);
    return words ? [{ atMs: event.atMs, row: row(event.rowId), words }] : [];
  });
  const waits = interruptionsOf(events).map(({ fromMs, rowId, ms, why }) => ({
    atMs: fromMs,
    row: row(rowId),
    words: `interrupted for ${clockText(ms)}: ${why}`,
  }));
  const lines = [...noted, ...waits].sort((a, b) => a.atMs - b.atMs);
  if (lines.length === 0 && answers.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="text-xl">Noted in class, and afterwards</h2>
      <ul className="mt-2">
        {lines.map(({ atMs, row, words }, i) => (
          <li key={i} className="border-b py-1.5">
            <span className="tabular text-soft">{clockText(atMs)}</span> {row && <strong>{row}: </strong>}
            {words}
          </li>
        ))}
        {answers.map(({ personId, slot, worse }) => (
          <li key={`${personId} ${slot}`} className="border-b py-1.5">
            <strong>{nameOf(personId, people)}</strong>{' '}
            {slot === 'two hours' ? 'two hours later' : 'the next morning'}:{' '}
            {worse ? 'worse' : 'no worse than before'}
          </li>
        ))}
      </ul>
    </section>
  );
}

const nameOf = (id: string, people: readonly Person[]): string => {
  const person = people.find((p) => p.id === id);
  return person ? fullName(person) : 'Somebody no longer on the list';
};

function lineOf({ kind, personId, words }: TeachEvent, people: readonly Person[]): string {
  if (kind === 'note') return words ?? '';
  const person = people.find((p) => p.id === personId);
  return person ? `${capital(kind)} for ${fullName(person)}` : '';
}
