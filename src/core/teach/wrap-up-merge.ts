import { mergeFields } from '../meanwhile';
import type { WrapUp, WrapUpPerson } from './wrap-up';

type Field = Exclude<keyof WrapUpPerson, 'personId'>;

/** Named one by one, so that a new field cannot be forgotten here. */
const WORDS: Readonly<Record<Field, string>> = {
  present: 'came',
  painBeforeLeft: 'pain before, left',
  painBeforeRight: 'pain before, right',
  painAfterLeft: 'pain after, left',
  painAfterRight: 'pain after, right',
  effort: 'effort',
  enjoyed: 'enjoyed',
  adapted: 'what was adapted',
  notes: 'note',
};

type MergedWrapUp = {
  readonly merged: WrapUp;
  /** What both wrote otherwise, and what only the other did, in words. */
  readonly met: readonly string[];
  readonly beside: readonly string[];
};

/**
 * Two write-ups of one class that did not know of each other, put together: `mine` was made on `before`, and meanwhile the class
 * came to be written up as `now`. Each field of each person is a thing of its own. `nameOf` names a person.
 */
export function mergeWrapUps(
  before: WrapUp,
  mine: WrapUp,
  now: WrapUp,
  nameOf: (personId: string) => string,
): MergedWrapUp {
  const notes = mergeFields({ notes: before.notes }, { notes: mine.notes }, { notes: now.notes });
  const met = notes.met.map(() => noteWords(now.notes));
  const beside = notes.beside.map(() => noteWords(now.notes));
  const people = mine.people.map((line) => {
    const of = (wrapUp: WrapUp) => wrapUp.people.find((p) => p.personId === line.personId);
    const one = mergeFields(of(before) ?? line, line, of(now) ?? of(before) ?? line);
    const words = (fields: readonly string[]) =>
      fields.map(
        (f) => `${nameOf(line.personId)}, ${WORDS[f as Field]}: ${valueWords(of(now)?.[f as Field])}`,
      );
    met.push(...words(one.met));
    beside.push(...words(one.beside));
    return one.merged;
  });
  const others = now.people.filter((p) => !people.some((m) => m.personId === p.personId));
  return { merged: { people: [...people, ...others], notes: notes.merged.notes }, met, beside };
}

const noteWords = (notes: string): string => `Notes on the class: ${valueWords(notes)}`;

const valueWords = (value: unknown): string => {
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return value === null || value === undefined || value === '' ? 'nothing' : String(value);
};
