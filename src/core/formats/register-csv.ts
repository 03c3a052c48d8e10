import { choiceCell, choiceWords, dayCell, scoreCell, scoreText, textCell } from './cells';
import { column, readTable, writeTable, type Table } from './table-csv';

/** One person in one class, as a line of the register. Pain, effort and how it was enjoyed are 0 to 10. */
export type RegisterLine = {
  readonly day: string;
  readonly className: string;
  readonly firstName: string;
  readonly initial: string;
  readonly came: 'yes' | 'no';
  readonly painBeforeLeft: number | null;
  readonly painBeforeRight: number | null;
  readonly painAfterLeft: number | null;
  readonly painAfterRight: number | null;
  readonly effort: number | null;
  readonly enjoyed: number | null;
  readonly adapted: string;
  readonly notes: string;
};

const YES_NO = { yes: 'yes', no: 'no' } as const;
type ScoreKey =
  'painBeforeLeft' | 'painBeforeRight' | 'painAfterLeft' | 'painAfterRight' | 'effort' | 'enjoyed';
const score = <K extends ScoreKey>(head: string, key: K) =>
  column<RegisterLine, K>(head, key, scoreText, scoreCell);

export const REGISTER_TABLE: Table<RegisterLine> = {
  what: 'lines',
  columns: [
    column<RegisterLine, 'day'>('day', 'day', String, dayCell),
    column<RegisterLine, 'className'>('class', 'className', String, textCell(60)),
    column<RegisterLine, 'firstName'>('first name', 'firstName', String, textCell(40)),
    column<RegisterLine, 'initial'>('initial', 'initial', String, textCell(1)),
    column<RegisterLine, 'came'>('came', 'came', choiceWords(YES_NO), choiceCell(YES_NO)),
    score('pain before, left', 'painBeforeLeft'),
    score('pain before, right', 'painBeforeRight'),
    score('pain after, left', 'painAfterLeft'),
    score('pain after, right', 'painAfterRight'),
    score('effort', 'effort'),
    score('enjoyed', 'enjoyed'),
    column<RegisterLine, 'adapted'>('adapted', 'adapted', String, textCell(500)),
    column<RegisterLine, 'notes'>('notes', 'notes', String, textCell(500)),
  ],
};

export const writeRegister = (lines: readonly RegisterLine[]): string => writeTable(REGISTER_TABLE, lines);
export const readRegister = (text: string) => readTable(text, REGISTER_TABLE);
