import { MARKS as MARK_KINDS, type Mark } from '../teach';
import { choiceCell, dayCell, numberCell, textCell } from './cells';
import { column, readTable, writeTable, type Table } from './table-csv';

/** One mark made while teaching, as a line; seconds are those of the class clock. */
export type MarkLine = {
  readonly day: string;
  readonly className: string;
  readonly firstName: string;
  readonly initial: string;
  readonly row: string;
  readonly mark: Mark['mark'];
  readonly atSeconds: number;
};

const MARKS = Object.fromEntries(MARK_KINDS.map((m) => [m, m])) as Record<string, Mark['mark']>;
const ONE_DAY_SECONDS = 86_400;

export const MARKS_TABLE: Table<MarkLine> = {
  what: 'marks',
  columns: [
    column<MarkLine, 'day'>('day', 'day', String, dayCell),
    column<MarkLine, 'className'>('class', 'className', String, textCell(60)),
    column<MarkLine, 'firstName'>('first name', 'firstName', String, textCell(40)),
    column<MarkLine, 'initial'>('initial', 'initial', String, textCell(1)),
    column<MarkLine, 'row'>('row', 'row', String, textCell(200)),
    column<MarkLine, 'mark'>('mark', 'mark', String, choiceCell(MARKS)),
    column<MarkLine, 'atSeconds'>('at second', 'atSeconds', String, numberCell(0, ONE_DAY_SECONDS)),
  ],
};

export const writeMarks = (lines: readonly MarkLine[]): string => writeTable(MARKS_TABLE, lines);
export const readMarks = (text: string) => readTable(text, MARKS_TABLE);
