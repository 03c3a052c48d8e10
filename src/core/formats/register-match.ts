import type { Person } from '../people';
import { sameAs } from './people-csv';
import type { RegisterLine } from './register-csv';
import type { TableRow } from './table-csv';

/** A class that was taught, with who was in it. */
export type TaughtRoll = {
  readonly id: string;
  readonly day: string;
  readonly name: string;
  readonly personIds: readonly string[];
};

type MatchedLine = {
  readonly line: number;
  readonly row: RegisterLine | null;
  /** Both are null where there is a problem. */
  readonly classId: string | null;
  readonly personId: string | null;
  readonly problems: readonly string[];
};

/** Each line of a register with the class and the person that it is about, or with what is wrong with it. */
export function matchRegister(
  lines: readonly TableRow<RegisterLine>[],
  rolls: readonly TaughtRoll[],
  people: readonly Person[],
): readonly MatchedLine[] {
  const seen = new Set<string>();
  return lines.map(({ line, row, problems }): MatchedLine => {
    if (!row) return { line, row, classId: null, personId: null, problems };
    const wrong = (problem: string): MatchedLine => ({
      line,
      row,
      classId: null,
      personId: null,
      problems: [problem],
    });
    const roll = rolls.find((r) => r.day === row.day && sameWords(r.name, row.className));
    if (!roll) return wrong('no class of this name was taught on that day');
    const person = sameAs(row, people);
    if (!person) return wrong('nobody of this name is on the list');
    if (!roll.personIds.includes(person.id)) return wrong('was not in that class');
    const key = `${roll.id} ${person.id}`;
    if (seen.has(key)) return wrong('is in this file already');
    seen.add(key);
    return { line, row, classId: roll.id, personId: person.id, problems: [] };
  });
}

const sameWords = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();
