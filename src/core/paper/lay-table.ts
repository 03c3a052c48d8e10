import { PRINT_INK } from './ink';
import { layPiece, layText, type Laid, type LayoutBox } from './lay-pieces';
import { moved, rule, tagOf, type Stroke, type Tag } from './marks';
import type { SheetColumn, SheetRow, SheetTable } from './sheet';
import { fitting, gap, heightOf, stacked, type Strip } from './strips';

type Cell = { readonly x: number; readonly strips: readonly Strip[] };

/** A table whose rows stay whole where they can; a row that is higher than a page goes on on the next. */
export function layTable(table: SheetTable, room: LayoutBox): Laid {
  const places = placesOf(table.columns, room.width);
  const heads = table.columns.some((c) => c.head !== null) ? [layHead(table.columns, places, room)] : [];
  const groups = table.groups.flatMap(({ name, rows }) => [
    ...(name === null ? [] : [layGroupName(name, room)]),
    ...rows.map((row) => layRow(row, table, places, room)),
  ]);
  const all = [...heads, ...groups];
  return {
    tags: [
      tagOf(
        'Table',
        all.flatMap((l) => l.tags),
        { title: table.name },
      ),
    ],
    strips: [gap(room.size * 0.4), ...all.flatMap((l) => l.strips), gap(room.size * 0.5)],
  };
}

type Place = { readonly x: number; readonly width: number };

function placesOf(columns: readonly SheetColumn[], width: number): readonly Place[] {
  const shares = columns.reduce((n, c) => n + c.share, 0);
  let x = 0;
  return columns.map((c) => {
    const place = { x, width: (c.share / shares) * width };
    x += place.width;
    return place;
  });
}

/** Between the words of two columns, of ordinary print. */
const GUTTER = 0.8;
const innerRoom = (room: LayoutBox, place: Place): LayoutBox => ({
  ...room,
  width: place.width - room.size * GUTTER,
});

const rowTag = (cells: readonly { readonly tag: Tag }[]): Tag =>
  tagOf(
    'TR',
    cells.map((c) => c.tag),
  );

function layHead(columns: readonly SheetColumn[], places: readonly Place[], room: LayoutBox): Laid {
  const cells = columns.map((column, i): { tag: Tag; cell: Cell } => {
    const tag = tagOf('TH', [], { scope: 'Column' });
    const text = { kind: 'text', runs: [{ text: column.head ?? '', tone: 'bold' }], size: 'small' } as const;
    const { strips } = layText(text, innerRoom(room, places[i]!), tag);
    return { tag, cell: cellAt(strips, column, places[i]!, room) };
  });
  const height = Math.max(...cells.map(({ cell }) => heightOf(cell.strips)));
  const marks = cells.flatMap(({ cell }) =>
    stacked(cell.strips).marks.map((m) => moved(m, cell.x, height - heightOf(cell.strips))),
  );
  const foot = height + room.size * 0.2;
  return {
    tags: [rowTag(cells)],
    strips: [
      {
        height: foot + room.size * 0.2,
        marks: [...marks, rule(0, foot, { across: room.width }, 1.2, PRINT_INK.ink)],
        withNext: true,
      },
    ],
  };
}

function layGroupName(name: string, room: LayoutBox): Laid {
  const tag = tagOf('TH', [], { scope: 'Row' });
  const { strips } = layText(
    { kind: 'text', runs: [{ text: name, tone: 'bold' }], size: 'large' },
    room,
    tag,
  );
  const whole = stacked([gap(room.size * 0.6), ...strips]);
  const line = rule(0, whole.height, { across: room.width }, 1.2, PRINT_INK.ink);
  return {
    tags: [tagOf('TR', [tag])],
    strips: [{ height: whole.height + 1.2, marks: [...whole.marks, line], withNext: true }],
  };
}

/** Least height of a row that is to be written on, of ordinary print. */
const TO_WRITE_ON = 2.5;

function layRow(row: SheetRow, table: SheetTable, places: readonly Place[], room: LayoutBox): Laid {
  const cells = row.map((pieces, i) => {
    const own: Tag[] = [];
    const kind = i === table.nameColumn ? ('TH' as const) : ('TD' as const);
    const tag = tagOf(kind, own, kind === 'TH' ? { scope: 'Row' } : {});
    const strips = pieces.flatMap((piece) => {
      const laid = layPiece(piece, innerRoom(room, places[i]!), pieces.length === 1 ? tag : null);
      own.push(...laid.tags);
      return laid.strips;
    });
    return { tag, cell: cellAt(strips, table.columns[i]!, places[i]!, room) };
  });
  const least = table.toWriteOn ? room.size * TO_WRITE_ON : 0;
  return {
    tags: [rowTag(cells)],
    strips: [
      rowStrip(
        cells.map((c) => c.cell),
        { least, table, places, room },
      ),
    ],
  };
}

/** Numbers stand at the right of their column, and what is ruled stands clear of its line. */
function cellAt(strips: readonly Strip[], column: SheetColumn, place: Place, room: LayoutBox): Cell {
  const right = place.width - room.size * GUTTER;
  const x = place.x + (column.ruled ? room.size * 0.4 : 0);
  if (!column.end) return { x, strips };
  const toRight = (s: Strip): Strip => {
    const end = Math.max(0, ...s.marks.map((m) => endOf(m, room)));
    return { ...s, marks: s.marks.map((m) => moved(m, right - end, 0)) };
  };
  return { x, strips: strips.map(toRight) };
}

const endOf = (mark: Stroke, room: LayoutBox): number =>
  mark.kind === 'word' ? mark.x + room.measure(mark.text, mark.bold, mark.size) : mark.x;

type RowLook = {
  readonly least: number;
  readonly table: SheetTable;
  readonly places: readonly Place[];
  readonly room: LayoutBox;
};

const PAD = 0.18;

function rowStrip(cells: readonly Cell[], look: RowLook): Strip {
  const { least, table, places, room } = look;
  const pad = room.size * PAD;
  const height = Math.max(least, ...cells.map((c) => heightOf(c.strips))) + 2 * pad;
  const ruled = table.columns.flatMap((c, i) =>
    c.ruled ? [rule(places[i]!.x, 0, { down: height }, 0.6, PRINT_INK.line)] : [],
  );
  return {
    height,
    marks: [
      ...cells.flatMap((c) =>
        stacked(c.strips).marks.map((m) => moved(m, c.x, least > 0 ? pad + room.size * 0.6 : pad)),
      ),
      ...ruled,
      rule(0, height, { across: room.width }, 0.6, PRINT_INK.line),
    ],
    split: (most) => {
      const parts = cells.map((c) => ({ x: c.x, parts: fitting(c.strips, most - 2 * pad) }));
      if (parts.every(({ parts: [first] }) => first.length === 0)) return null;
      if (parts.every(({ parts: [, rest] }) => rest.length === 0)) return null;
      return [
        rowStrip(
          parts.map(({ x, parts: [strips] }) => ({ x, strips })),
          look,
        ),
        rowStrip(
          parts.map(({ x, parts: [, strips] }) => ({ x, strips })),
          { ...look, least: 0 },
        ),
      ];
    },
  };
}
