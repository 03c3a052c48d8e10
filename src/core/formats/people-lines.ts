import { nobodyKnown, withConditions, type PersonCondition, type PersonFields } from '../people';
import { capital } from '../words';
import { remarksAsGuesses, saysSomething, type Guess } from './remarks';
import type { Knowledge } from './said-words';

export type PersonLine = {
  /** From 1, as in the box. */
  readonly line: number;
  readonly firstName: string;
  readonly initial: string;
  readonly dominantHand: 'L' | 'R';
  readonly guesses: readonly Guess[];
  readonly notes: readonly string[];
  readonly wantedTask: string;
  readonly problem: string | null;
};

/** A list as it is written on paper or pasted from a table: one person a line, the name first, then what is known, with commas. */
export const readPeopleLines = (text: string, knowledge: Knowledge): readonly PersonLine[] =>
  text
    .split(/\r?\n/)
    .map((line, i) => ({ line: i + 1, parts: partsOf(line) }))
    .filter(({ parts }) => parts.length > 0 && !isHeading(parts))
    .map(({ line, parts }) => readLine(line, parts, knowledge));

const partsOf = (line: string): readonly string[] =>
  line
    .replace(/^\s*(?:\d+\s*[.)]|[-*•])\s*/, '')
    .split(/[,;:\t|()]|\s[-–—]\s/)
    .map((part) => part.trim())
    .filter(Boolean);

const isHeading = ([first, ...rest]: readonly string[]): boolean =>
  rest.length > 0 && /^(first )?names?$/i.test(first ?? '');

/** "wants to do up buttons". */
const WANTS = /^(?:wants|would like|wishes|hopes) to (.{2,120})$/i;
const BORN = /^(?:born|b\.)(?: in)? ?(?:19|20)\d\d$/i;
const AGE = /^(?:aged?\s*)?(\d{2,3})(?:\s*(?:years?(?: old)?|yrs?|y\/?o))?$/i;
const WRITES = /^(?:(left|right)[- ]?hand(?:ed|er)|writes with (?:the )?(left|right)(?: hand)?)$/i;

function readLine(line: number, [first = '', ...given]: readonly string[], knowledge: Knowledge): PersonLine {
  const isInitial = /^\p{L}\.?$/u.test(given[0] ?? '');
  const { name, rest } = withoutRemark(isInitial ? `${first} ${given[0]}` : first, knowledge);
  const parts = [...rest, ...(isInitial ? given.slice(1) : given)];
  const called = nameOf(name);
  const writes = parts.map((part) => WRITES.exec(part)).find(Boolean);
  const [wants = '', ...wantsToo] = parts.flatMap((part) => WANTS.exec(part)?.[1]?.trim() ?? []);
  const said = parts.filter((part) => ![AGE, BORN, WRITES, WANTS].some((form) => form.test(part)));
  const { guesses, notes } = remarksAsGuesses(said, knowledge);
  const age = parts.map((part) => AGE.exec(part)?.[1]).find(Boolean);
  const born = parts.find((part) => BORN.test(part));
  return {
    line,
    ...called,
    dominantHand: /^l/i.test(writes?.[1] ?? writes?.[2] ?? '') ? 'L' : 'R',
    guesses,
    notes: [
      ...new Set([
        ...(age ? [`${age} years old`] : []),
        ...(born ? [born] : []),
        ...wantsToo.map((task) => `wants to ${task}`),
        ...notes,
      ]),
    ],
    wantedTask: wants,
    problem: nameProblem(called.firstName),
  };
}

function nameProblem(firstName: string): string | null {
  if (!/\p{L}/u.test(firstName)) return 'This line does not begin with a name';
  return firstName.length > 40 ? 'This name is longer than 40 letters' : null;
}

/** "Dorothy K thumb arthritis left": what follows a name without a comma is a remark too, or it would be lost in the name. */
function withoutRemark(text: string, knowledge: Knowledge): { name: string; rest: readonly string[] } {
  const [first = '', ...more] = text.split(/\s+/).filter(Boolean);
  const isInitial = /^\p{L}\.?$/u.test(more[0] ?? '');
  const after = isInitial ? more.slice(1) : more;
  const isRemark =
    after.length > 2 || (isInitial && after.length > 0) || saysSomething(after.join(' '), knowledge);
  if (!isRemark) return { name: text, rest: [] };
  return { name: isInitial ? `${first} ${more[0]}` : first, rest: [after.join(' ')] };
}

/** "Dorothy K", "Ken Smith", "Mary Ann Lee": all but the last word, and the first letter of that. */
function nameOf(text: string): Pick<PersonLine, 'firstName' | 'initial'> {
  const words = text.split(/\s+/).filter(Boolean);
  const last = words.length > 1 ? words.at(-1)! : '';
  const initial = /^\p{L}/u.test(last) ? last[0]!.toUpperCase() : '';
  return { firstName: capital((initial ? words.slice(0, -1) : words).join(' ')), initial };
}

/** A guess as somebody answered it; dropped where it changes nothing in a class, and is a note. */
export type AnsweredGuess = Guess & { readonly dropped?: true };

/** Somebody from their line; a remark that nobody has explained is hand trouble that no clinician has looked into. */
export function personOfLine(
  line: PersonLine,
  guesses: readonly AnsweredGuess[],
  screened: boolean,
): PersonFields {
  const kept = guesses.filter((guess) => !guess.dropped);
  const dropped = guesses.filter((guess) => guess.dropped);
  const conditions = kept.map(({ conditionId, side, state }): PersonCondition => ({
    conditionId: conditionId ?? UNSEEN,
    side,
    state,
    since: null,
    spots: [],
  }));
  return {
    ...nobodyKnown({ firstName: line.firstName, initial: line.initial }),
    dominantHand: line.dominantHand,
    screened,
    // One by one, so that of the same said twice the worse state stays.
    conditions: conditions.reduce<readonly PersonCondition[]>(
      (all, condition) => [...withConditions(all, [condition])],
      [],
    ),
    notes: [...new Set([...line.notes, ...dropped.map((guess) => guess.text)])].join('; '),
    wantedTask: line.wantedTask,
  };
}
const UNSEEN = 'hand-unseen';
