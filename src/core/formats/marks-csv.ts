import { fail, ok, type Result } from '../result';
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
  /** Null where it is of both hands, or of neither in particular. */
  readonly hand: Mark['hand'] | null;
  readonly atSeconds: number;
};

const MARKS = Object.fromEntries(MARK_KINDS.map((m) => [m, m])) as Record<string, Mark['mark']>;
const handText = (hand: MarkLine['hand']): string => ({ L: 'left', R: 'right', none: '' })[hand ?? 'none'];
const handCell = (cell: string): Result<MarkLine['hand']> => {
  const hand = { '': null, left: 'L', right: 'R' } as const;
  const said = cell.toLowerCase();
  return said in hand ? ok(hand[said as keyof typeof hand]) : fail('choice', 'left, right or nothing');
};
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
    column<MarkLine, 'hand'>('hand', 'hand', handText, handCell, true),
    column<MarkLine, 'atSeconds'>('at second', 'atSeconds', String, numberCell(0, ONE_DAY_SECONDS)),
  ],
};

export const writeMarks = (lines: readonly MarkLine[]): string => writeTable(MARKS_TABLE, lines);
export const readMarks = (text: string) => readTable(text, MARKS_TABLE);
