import { fail, ok, type Result } from '../result';
import { readCsv } from './csv';
import { readJsonFile } from './json-file';
import { MARKS_TABLE } from './marks-csv';
import { MEASURES_TABLE, readMeasures, type MeasureLine } from './measures-csv';
import { MOVEMENT_FILE, type MovementFile } from './movement-file';
import { guessMapping } from './people-csv';
import { PLAN_FILE, type PlanFile } from './plan-file';
import { REGISTER_TABLE, readRegister, type RegisterLine } from './register-csv';
import { isTable, type TableRow } from './table-csv';
import { TERM_FILE, type TermFile } from './term-file';
import type { UnknownField } from './unknown-fields';

/** A file that was brought, told apart by what is in it. */
export type Incoming =
  | { readonly kind: 'plan'; readonly file: PlanFile; readonly unknown: readonly UnknownField[] }
  | { readonly kind: 'term'; readonly file: TermFile }
  | { readonly kind: 'movement'; readonly file: MovementFile }
  | { readonly kind: 'measures'; readonly lines: readonly TableRow<MeasureLine>[] }
  | { readonly kind: 'register'; readonly lines: readonly TableRow<RegisterLine>[] }
  | { readonly kind: 'people' };

const KNOWN =
  'Oskil reads class plans, terms and own movements (JSON), and people, measures and registers (CSV). What it writes itself is described in docs/formats.md.';

/** What a file is and what is in it, or in a sentence why it cannot be read. Nothing is kept by reading. */
export function readIncoming(text: string): Result<Incoming> {
  const begin = text.trimStart().slice(0, 40);
  if (begin === '') return fail('empty', 'This file is empty.');
  if (begin.startsWith('{')) return readJson(text);
  if (/^BEGIN:VCALENDAR/i.test(begin))
    return fail(
      'only-out',
      'A calendar can be taken out of Oskil but not brought in: change the day of a class on its own page.',
    );
  if (/^WEBVTT/.test(begin))
    return fail('only-out', 'Captions of a count can be taken out of Oskil but not brought in.');
  if (/^(<|%PDF|RIFF|PK)/.test(begin)) return fail('unknown', KNOWN);
  return readTableOf(text);
}

function readJson(text: string): Result<Incoming> {
  switch (kindOf(text)) {
    case 'term': {
      const read = readJsonFile(text, TERM_FILE);
      return read.ok ? ok({ kind: 'term', file: read.value.file }) : read;
    }
    case 'movement': {
      const read = readJsonFile(text, MOVEMENT_FILE);
      return read.ok ? ok({ kind: 'movement', file: read.value.file }) : read;
    }
    case 'plan':
    case 'unreadable': {
      const read = readJsonFile(text, PLAN_FILE);
      return read.ok ? ok({ kind: 'plan', file: read.value.file, unknown: read.value.unknown }) : read;
    }
    case 'other':
      return fail('unknown', KNOWN);
  }
}

/** A plan from before there were files says nothing of itself, but it has sections. */
function kindOf(text: string): 'plan' | 'term' | 'movement' | 'other' | 'unreadable' {
  try {
    const { oskil, sections } = JSON.parse(text) as { oskil?: unknown; sections?: unknown };
    if (oskil === 'plan' || oskil === 'term' || oskil === 'movement') return oskil;
    return oskil === undefined && Array.isArray(sections) ? 'plan' : 'other';
  } catch {
    return 'unreadable';
  }
}

function readTableOf(text: string): Result<Incoming> {
  const csv = readCsv(text, 'lines');
  if (!csv.ok) return csv;
  const { heads } = csv.value;
  if (isTable(REGISTER_TABLE, heads)) {
    const read = readRegister(text);
    return read.ok ? ok({ kind: 'register', lines: read.value }) : read;
  }
  if (isTable(MARKS_TABLE, heads))
    return fail(
      'only-out',
      'Marks can be taken out of Oskil but not brought in: they are made while a class is taught.',
    );
  if (isTable(MEASURES_TABLE, heads)) {
    const read = readMeasures(text);
    return read.ok ? ok({ kind: 'measures', lines: read.value }) : read;
  }
  return guessMapping(heads)['first name'] !== undefined ? ok({ kind: 'people' }) : fail('unknown', KNOWN);
}
