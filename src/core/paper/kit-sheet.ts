import { gradeCounts, type KitLine } from '../plan';
import { bold, paragraph, words, type SheetBlock, type SheetRow } from './sheet';

/** What goes into the bag, with a round to tick, and what a house has instead. */
export function kitSheet(kit: readonly KitLine[]): readonly SheetBlock[] {
  if (kit.length === 0) return [words('Nothing: this class needs no props.')];
  return [
    {
      kind: 'table',
      name: 'Kit',
      columns: [
        { head: 'Packed', share: 9 },
        { head: 'Prop', share: 26 },
        { head: 'How many', share: 12, end: true },
        { head: 'Spare', share: 9, end: true },
        { head: 'Short', share: 9, end: true },
        { head: 'Instead, at home', share: 35 },
      ],
      nameColumn: 1,
      groups: [{ name: null, rows: kit.map(rowOf) }],
    },
  ];
}

const rowOf = (line: KitLine): SheetRow => [
  [{ kind: 'tick', what: 'packed' }],
  [
    paragraph(bold(line.prop.name)),
    ...gradeCounts(line)
      .counts.filter((c) => c.people > 0)
      .map(({ name, people }) => words(`${name}: ${people}`, 'small')),
  ],
  [words(`${line.needed}`)],
  [words(`${line.spares}`)],
  [words(line.short > 0 ? `${line.short}` : '')],
  [words(line.prop.substitute)],
];
