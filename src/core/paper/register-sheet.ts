import { fullName, type Person } from '../people';
import { nameList } from '../words';
import { bold, paragraph, words, type SheetBlock, type SheetColumn, type SheetRow } from './sheet';

const TO_FILL: readonly SheetColumn[] = [
  { head: 'Came', share: 9, ruled: true },
  { head: 'Pain before, left', share: 9, ruled: true },
  { head: 'right', share: 7, ruled: true },
  { head: 'Pain after, left', share: 9, ruled: true },
  { head: 'right', share: 7, ruled: true },
  { head: 'Effort', share: 8, ruled: true },
  { head: 'What was adapted', share: 34, ruled: true },
];
const SPARE_LINES = 4;

/** Who is expected, with room to write down what the wrap-up asks. */
export const registerSheet = (
  people: readonly Person[],
  helpers: readonly string[],
): readonly SheetBlock[] => [
  ...(helpers.length > 0 ? [words(`Helping: ${nameList(helpers, 10)}`)] : []),
  words('Pain and effort from 0, none, to 10.'),
  {
    kind: 'table',
    name: 'Register',
    columns: [{ head: 'Name', share: 20 }, ...TO_FILL],
    nameColumn: 0,
    groups: [
      {
        name: null,
        rows: [
          ...people.map((p) => blankLine(fullName(p))),
          ...Array<SheetRow>(SPARE_LINES).fill(blankLine('')),
        ],
      },
    ],
    toWriteOn: true,
  },
];

const blankLine = (name: string): SheetRow => [name ? [paragraph(bold(name))] : [], ...TO_FILL.map(() => [])];
