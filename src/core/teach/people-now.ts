import type { Person, PersonCondition } from '../people';
import { asToday } from '../screening';
import { latestAnswer, type ClassAnswer } from './answers';
import { standingMarks, type Mark, type SentMark } from './marks';

/** What a mark makes of somebody's hands for the rest of the class: of the hand that it names, else of both. */
const STATE_AFTER = { sore: 'sore', stopped: 'flare' } as const;

/** What has changed of somebody since the class began: they were marked, or asked again. */
export type Since = keyof typeof STATE_AFTER | 'answer';

export type PersonNow = {
  readonly person: Person;
  /** Null where nothing has changed. */
  readonly since: Since | null;
};

/** What was marked and answered while a class is taught. */
export type Reports = { readonly marks: readonly SentMark[]; readonly answers: readonly ClassAnswer[] };

/** The people of a class as they are now: never milder than they began it. */
export function peopleNow(people: readonly Person[], { marks, answers }: Reports): readonly PersonNow[] {
  const standing = standingMarks(marks);
  return people.map((person) => {
    const answer = latestAnswer(answers, person.id);
    const own = standing.filter((m) => m.personId === person.id);
    const mark = (['stopped', 'sore'] as const).find((kind) => own.some((m) => m.mark === kind)) ?? null;
    const answered = asToday(person, answer?.checkIn);
    return {
      person: withPains(answered, own),
      since: mark ?? (answered === person ? null : 'answer'),
    };
  });
}

const hurts = (mark: Mark): mark is Mark & { readonly mark: keyof typeof STATE_AFTER } =>
  mark.mark in STATE_AFTER;

/** Every hand that was marked, in the worst state that it was marked with. */
const withPains = (person: Person, marks: readonly Mark[]): Person => {
  const pains = marks.filter(hurts).map(({ mark, hand }): PersonCondition => ({
    conditionId: 'painful-today',
    side: hand ?? 'both',
    state: STATE_AFTER[mark],
    since: null,
    spots: [],
  }));
  const worst = pains.filter((p, i) => !pains.some((q, j) => covers(q, p) && (!covers(p, q) || j < i)));
  return worst.length > 0 ? { ...person, conditions: [...person.conditions, ...worst] } : person;
};

/** It says all that the other says. */
const covers = (a: PersonCondition, b: PersonCondition): boolean =>
  (a.side === 'both' || a.side === b.side) && (a.state === 'flare' || a.state === b.state);
