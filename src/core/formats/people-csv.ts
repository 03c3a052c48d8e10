import {
  personFieldsSchema,
  RECORD_DEFAULTS,
  withConditions,
  type PersonCondition,
  type PersonFields,
} from '../people';
import type { Result } from '../result';
import { readCsv, writeCsv, type CsvFile } from './csv';

/** What a column of a list of people may be. */
export const COLUMNS = [
  'first name',
  'initial',
  'writes with',
  'wants',
  'help',
  'conditions',
  'notes',
] as const;
export type PeopleColumn = (typeof COLUMNS)[number];

/** Which column of the file is which, by position; what is not said is left out. */
export type Mapping = Readonly<Partial<Record<PeopleColumn, number>>>;

export type PeopleFile = CsvFile;

export const MAX_PEOPLE = 5_000;

/** A CSV file (RFC 4180; commas, semicolons or tabs) as heads and rows, every row as long as the heads. */
export const readPeopleFile = (text: string): Result<PeopleFile> => readCsv(text, 'people', MAX_PEOPLE);

const NAMES: Readonly<Record<PeopleColumn, readonly string[]>> = {
  'first name': ['first name', 'firstname', 'name', 'nickname', 'given name'],
  initial: ['initial', 'last initial', 'surname', 'last name', 'family name'],
  'writes with': ['writes with', 'hand', 'dominant hand', 'handedness'],
  wants: ['wants', 'wanted task', 'task', 'goal'],
  help: ['help', 'assistance', 'help needed', 'assistance level'],
  conditions: ['conditions', 'condition', 'health'],
  notes: ['notes', 'note', 'remarks'],
};

/** A first guess at which column is which, from the heads. */
export function guessMapping(heads: readonly string[]): Mapping {
  const lower = heads.map((h) => h.toLowerCase());
  return Object.fromEntries(
    COLUMNS.flatMap((column) => {
      const at = lower.findIndex((h) => NAMES[column].includes(h));
      return at < 0 ? [] : [[column, at]];
    }),
  );
}

/** The conditions a list may name. */
type KnownCondition = { readonly id: string; readonly name: string; readonly sided: boolean };

export type ImportRow = {
  /** Line of the file, the heads being line 1. */
  readonly line: number;
  readonly fields: PersonFields | null;
  readonly problems: readonly string[];
};

/** Every row as a person, or with what is wrong with it. */
export const rowsToPeople = (
  { rows }: PeopleFile,
  mapping: Mapping,
  known: readonly KnownCondition[],
): readonly ImportRow[] => rows.map((cells, i) => rowToPerson(cells, i + 2, mapping, known));

function rowToPerson(
  cells: readonly string[],
  line: number,
  mapping: Mapping,
  known: readonly KnownCondition[],
): ImportRow {
  const cell = (column: PeopleColumn): string =>
    mapping[column] === undefined ? '' : (cells[mapping[column]] ?? '');
  const conditions = readConditions(cell('conditions'), known);
  const help = cell('help') === '' ? 0 : Number(cell('help'));
  const parsed = personFieldsSchema.safeParse({
    firstName: cell('first name'),
    initial: cell('initial').slice(0, 1),
    dominantHand: /^\s*l/i.test(cell('writes with')) ? 'L' : 'R',
    screened: false,
    assistance: help,
    wantedTask: cell('wants'),
    // What is not known as a condition is kept in the person's notes, so that nothing of it is lost.
    notes: [cell('notes'), ...conditions.unknown].filter(Boolean).join('; '),
    conditions: conditions.found,
    clearances: [],
    ...RECORD_DEFAULTS,
  });
  const problems = [
    ...(parsed.success ? [] : parsed.error.issues.map((i) => i.message)),
    ...conditions.unknown.map((c) => `“${c}” is not in the list of conditions; it is kept as a note`),
  ];
  return { line, fields: parsed.success ? parsed.data : null, problems: [...new Set(problems)] };
}

/** "thumb-base arthritis left; tremor": parted by semicolons or bars, side at the end, settled unless said. */
function readConditions(
  text: string,
  known: readonly KnownCondition[],
): { readonly found: PersonCondition[]; readonly unknown: string[] } {
  const found: PersonCondition[] = [];
  const unknown: string[] = [];
  for (const part of text
    .split(/[;|]/)
    .map((p) => p.trim())
    .filter(Boolean)) {
    const [, name, said, state] =
      /^(.*?)(?:\s+(left|right|both|l|r))?(?:\s+(settled|sore|flare|not cleared))?$/i.exec(part) ?? [];
    const condition = known.find((k) => [k.id, k.name.toLowerCase()].includes((name ?? '').toLowerCase()));
    if (!condition) {
      unknown.push(part);
      continue;
    }
    const side = sideOf(said, condition.sided);
    if (found.some((f) => f.conditionId === condition.id && f.side === side)) continue;
    found.push({
      conditionId: condition.id,
      side,
      state: (state?.toLowerCase() as PersonCondition['state'] | undefined) ?? 'settled',
      since: null,
      spots: [],
    });
  }
  return { found, unknown };
}

function sideOf(said: string | undefined, sided: boolean): PersonCondition['side'] {
  if (!sided) return 'none';
  if (/^l/i.test(said ?? '')) return 'L';
  return /^r/i.test(said ?? '') ? 'R' : 'both';
}

const SIDE_WORDS = { L: ' left', R: ' right', both: ' both', none: '' } as const;

/** People as a CSV file that `readPeopleFile` reads back; no cell can run as a formula in a spreadsheet. */
export function writePeopleFile(people: readonly PersonFields[], known: readonly KnownCondition[]): string {
  const nameOf = (id: string) => known.find((k) => k.id === id)?.name ?? id;
  const rows = people.map((p) => [
    p.firstName,
    p.initial,
    p.dominantHand === 'L' ? 'left' : 'right',
    p.wantedTask,
    String(p.assistance),
    p.conditions.map((c) => `${nameOf(c.conditionId)}${SIDE_WORDS[c.side]} ${c.state}`).join('; '),
    p.notes,
  ]);
  return writeCsv(COLUMNS, rows);
}

/** Somebody on the list already: the same first name and initial. */
export function sameAs<P extends Pick<PersonFields, 'firstName' | 'initial'>>(
  fields: Pick<PersonFields, 'firstName' | 'initial'>,
  people: readonly P[],
): P | null {
  const key = (p: Pick<PersonFields, 'firstName' | 'initial'>) => `${p.firstName} ${p.initial}`.toLowerCase();
  return people.find((p) => key(p) === key(fields)) ?? null;
}

/** One after the other, and once where one says the other already. */
const bothNotes = (before: string, file: string): string =>
  before.includes(file) ? before : file.includes(before) ? file : `${before}; ${file}`;

/**
 * What is on record, with what the file says besides: a task it says wins, notes are added, a condition is added, a worse state is taken,
 * nothing is taken away.
 */
export function mergedFields(before: PersonFields, file: PersonFields): PersonFields {
  return {
    ...before,
    wantedTask: file.wantedTask || before.wantedTask,
    notes: bothNotes(before.notes, file.notes),
    screened: before.screened || file.screened,
    assistance: Math.max(before.assistance, file.assistance),
    conditions: [...withConditions(before.conditions, file.conditions)],
  };
}
