import { PRINT_INK } from './ink';
import { layFigure, layPiece, layText, type Laid, type LayoutBox } from './lay-pieces';
import { layTable } from './lay-table';
import { moved, rule, tagOf } from './marks';
import { words, type Beside, type SheetBlock } from './sheet';
import { gap, indented, stacked, type Strip } from './strips';

/** A block of a sheet across the room there is. */
export function layBlock(block: SheetBlock, room: LayoutBox): Laid {
  switch (block.kind) {
    case 'heading':
      return layHeading(block.text, 'H2', 1.25, room);
    case 'list':
      return layList(block.items, room);
    case 'table':
      return layTable(block, room);
    case 'figures':
      return block.abreast === 1 ? laySingly(block.items, room) : layPairs(block.items, room);
    default: {
      const { tags, strips } = layPiece(block, room);
      return { tags, strips: [...strips, gap(room.size * 0.25)] };
    }
  }
}

/** A heading is never the last thing on a page. */
export function layHeading(text: string, type: 'H1' | 'H2', times: number, room: LayoutBox): Laid {
  const tag = tagOf(type);
  const own = { ...room, size: room.size * times };
  const { strips } = layText({ kind: 'text', runs: [{ text, tone: 'bold' }] }, own, tag);
  const before = type === 'H1' ? [] : [gap(room.size * 0.7)];
  return { tags: [tag], strips: [{ ...stacked([...before, ...strips]), withNext: true }] };
}

function layList(items: readonly string[], room: LayoutBox): Laid {
  const dx = room.size * 1.2;
  const laid = items.map((item) => {
    const [label, body] = [tagOf('Lbl'), tagOf('LBody')];
    const bullet = layText(words('•'), room, label).strips[0]!.marks;
    const strips = layText(words(item), { ...room, width: room.width - dx }, body).strips.map((s) =>
      indented(s, dx),
    );
    const [first, ...rest] = strips;
    return {
      tag: tagOf('LI', [label, body]),
      strips: first ? [{ ...first, marks: [...bullet, ...first.marks] }, ...rest] : [],
    };
  });
  return {
    tags: [
      tagOf(
        'L',
        laid.map((l) => l.tag),
      ),
    ],
    strips: [...laid.flatMap((l) => l.strips), gap(room.size * 0.4)],
  };
}

/** How high and wide a picture is, of ordinary print. */
type PictureSize = { readonly high: number; readonly wide: number };
const BESIDE: PictureSize = { high: 6.2, wide: 8.5 };
const PAIRED: PictureSize = { high: 6.2, wide: 7 };

function layBeside(
  beside: Beside,
  room: LayoutBox,
  { high, wide }: PictureSize,
): { tags: Laid['tags']; strip: Strip } {
  const dx = room.size * (wide + 1);
  const picture = beside.figure && layFigure(beside.figure, beside.shows, room.size * high, room.size * wide);
  const pieces = beside.pieces.map((p) => layPiece(p, { ...room, width: room.width - dx }));
  const text = indented(stacked(pieces.flatMap((l) => l.strips)), dx);
  const height = Math.max(text.height, picture ? picture.strips[0]!.height : 0) + room.size * 0.9;
  const aside = (s: Strip, x: number) => s.marks.map((m) => moved(m, x, (height - s.height) / 2));
  return {
    tags: [tagOf('Div', [...(picture ? picture.tags : []), ...pieces.flatMap((l) => l.tags)])],
    strip: {
      height,
      marks: [
        ...(picture ? aside(picture.strips[0]!, (room.size * wide - picture.width) / 2) : []),
        ...aside(text, 0),
      ],
    },
  };
}

const underlined = (strip: Strip, room: LayoutBox): Strip => ({
  ...strip,
  marks: [...strip.marks, rule(0, strip.height, { across: room.width }, 0.6, PRINT_INK.line)],
});

function laySingly(items: readonly Beside[], room: LayoutBox): Laid {
  const laid = items.map((item) => layBeside(item, room, BESIDE));
  return {
    tags: laid.flatMap((l) => l.tags),
    strips: [...laid.map(({ strip }) => underlined(strip, room)), gap(room.size * 0.3)],
  };
}

function layPairs(items: readonly Beside[], room: LayoutBox): Laid {
  const dx = room.size * 1.5;
  const half: LayoutBox = { ...room, width: (room.width - dx) / 2 };
  const laid = items.map((item) => layBeside(item, half, PAIRED));
  const strips = laid.flatMap((left, i) => {
    if (i % 2 === 1) return [];
    const right = laid[i + 1];
    const height = Math.max(left.strip.height, right?.strip.height ?? 0);
    const centred = (s: Strip, x: number) => s.marks.map((m) => moved(m, x, (height - s.height) / 2));
    const marks = [...centred(left.strip, 0), ...(right ? centred(right.strip, half.width + dx) : [])];
    return [underlined({ height, marks }, room)];
  });
  return { tags: laid.flatMap((l) => l.tags), strips };
}
