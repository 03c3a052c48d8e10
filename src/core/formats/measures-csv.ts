import {
  currentKind,
  instrumentSchema,
  MEASURE_KINDS,
  MEASURES,
  measureSchema,
  type Instrument,
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

const SIMULATED_WORDS = { own: 'own data', demo: 'demo' } as const;
const simulatedCell = choiceCell({ 'own data': 'own', demo: 'demo' } as const);

/** "Hydraulic meter, step 1": the name and how finely it shows. */
const instrumentWords = (i: Instrument | undefined): string => (i ? `${i.name}, step ${i.step}` : '');

function instrumentCell(cell: string): Result<Instrument | undefined> {
  if (cell.trim() === '') return ok(undefined);
  const [, name, step] = /^(.+), step ([\d.]+)$/.exec(cell.trim()) ?? [];
  const parsed = instrumentSchema.safeParse({ name, step: Number(step) });
  return parsed.success ? ok(parsed.data) : fail('measure', 'write its name and step: “Meter, step 0.5”');
}

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
    column<MeasureLine, 'simulated'>(
      'simulated',
      'simulated',
      (s) => (s ? SIMULATED_WORDS[s] : ''),
      (cell) => (cell === '' ? ok(undefined) : simulatedCell(cell)),
      true,
    ),
    column<MeasureLine, 'instrument'>('instrument', 'instrument', instrumentWords, instrumentCell, true),
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

function checkedMeasure({
  kind,
  hand,
  value,
  on,
  unit,
  simulated,
  instrument,
}: MeasureLine): Result<Measure> {
  if (unit !== MEASURES[kind].unit) return fail('unit', `unit: ${kind} is in ${MEASURES[kind].unit}`);
  const parsed = measureSchema.safeParse({ kind, hand, value, on, simulated, instrument });
  return parsed.success ? ok(parsed.data) : fail('measure', parsed.error.issues[0]!.message);
}
