import type { Person } from '@/core/people';
import { fullName } from '@/core/people';
import { callsToCome, type SentMark } from '@/core/teach';
import { Button } from '@/ui/form/button';

type Props = { marks: readonly SentMark[]; people: readonly Person[]; onSeen: (personId: string) => void };

/** A helper asks the instructor to come; it stays until it is answered. */
export function CallsToCome({ marks, people, onSeen }: Props) {
  const asked = people.filter((p) => callsToCome(marks).includes(p.id));
  return asked.map((person) => (
    <p
      key={person.id}
      role="alert"
      className="flex items-center justify-between gap-4 rounded-xl border-2 border-load bg-paper px-4 py-1.5 text-lg"
    >
      <span>
        A helper asks you to come to <strong>{fullName(person)}</strong>
      </span>
      <Button look="danger" onClick={() => onSeen(person.id)}>
        I am coming
      </Button>
    </p>
  ));
}
