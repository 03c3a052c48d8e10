import {
  currentKind,
  MEASURE_KINDS,
  MEASURES,
  measureSchema,
  type Measure,
  type MeasureKind,
} from '../people';
import { fail, ok, type Result } from '../result';
import { choiceCell, choiceWords, dayCell, numberCell, textCell } from './cells';
import { column, readTable, writeTable, type Table, type TableRow } from './table-csv';

/** One measure of somebody, as a line. */
export type MeasureLine = Measure & {
  readonly firstName: string;
  readonly initial: string;
  readonly unit: string;
};

const HANDS = { left: 'L', right: 'R', both: 'both' } as const;
const kindCell = choiceCell(
  Object.fromEntries(MEASURE_KINDS.map((k) => [k, k])) as Record<string, MeasureKind>,
);

export const MEASURES_TABLE: Table<MeasureLine> = {
  what: 'measures',
  columns: [
    column<MeasureLine, 'firstName'>('first name', 'firstName', String, textCell(40)),
    column<MeasureLine, 'initial'>('initial', 'initial', String, textCell(1)),
    column<MeasureLine, 'on'>('day', 'on', String, dayCell),
    column<MeasureLine, 'kind'>('measure', 'kind', String, (cell) =>
      kindCell(currentKind(cell.toLowerCase())),
    ),
    column<MeasureLine, 'hand'>('hand', 'hand', choiceWords(HANDS), choiceCell(HANDS)),
    column<MeasureLine, 'value'>('value', 'value', String, numberCell(0, 600)),
    column<MeasureLine, 'unit'>('unit', 'unit', String, textCell(20)),
  ],
};

export const writeMeasures = (
  people: readonly {
    readonly firstName: string;
    readonly initial: string;
    readonly measures: readonly Measure[];
  }[],
): string =>
  writeTable(
    MEASURES_TABLE,
    people.flatMap(({ firstName, initial, measures }) =>
      [...measures]
        .sort(
          (a, b) => a.on.localeCompare(b.on) || a.kind.localeCompare(b.kind) || a.hand.localeCompare(b.hand),
        )
        .map((m) => ({ ...m, firstName, initial, unit: MEASURES[m.kind].unit })),
    ),
  );

/** Measures line by line; one in another unit, or more than can be measured, is not taken. */
export function readMeasures(text: string): Result<readonly TableRow<MeasureLine>[]> {
  const read = readTable(text, MEASURES_TABLE);
  if (!read.ok) return read;
  return ok(
    read.value.map((line) => {
      if (!line.row) return line;
      const checked = checkedMeasure(line.row);
      return checked.ok ? line : { ...line, row: null, problems: [checked.message] };
    }),
  );
}

function checkedMeasure({ kind, hand, value, on, unit }: MeasureLine): Result<Measure> {
  if (unit !== MEASURES[kind].unit) return fail('unit', `unit: ${kind} is in ${MEASURES[kind].unit}`);
  const parsed = measureSchema.safeParse({ kind, hand, value, on });
  return parsed.success ? ok(parsed.data) : fail('measure', parsed.error.issues[0]!.message);
}
