import { PRINT_INK } from './ink';
import { layBlock, layHeading } from './lay-blocks';
import { layText, type LayoutBox } from './lay-pieces';
import { moved, tagOf, type Stroke, type TextWidth, type Tag } from './marks';
import { paginate } from './paginate';
import { PAGE_MARGIN_PT, PAPER_SIZES, type Paper } from './paper-size';
import { words, type Sheet } from './sheet';
import { gap } from './strips';

export type LaidSheet = {
  /** What it says, in the order in which it is read. */
  readonly tag: Tag;
  /** Marks of each page, pt from its top left. */
  readonly pages: readonly (readonly Stroke[])[];
  /** Size of ordinary print, pt. */
  readonly size: number;
};

/** Ordinary print, and the smallest that a sheet may shrink to, pt. */
const SIZES: Readonly<Record<Sheet['print'], readonly [usual: number, least: number]>> = {
  small: [11, 7.5],
  normal: [12, 8.5],
  large: [16, 11],
};
const STEP = 0.25;
/** Room for the foot, pt. */
const FOOT = 12;

/**
 * A sheet on paper: the largest print at which it keeps to its sides, and where even the least does not, as many sides as
 * that takes. `measure` says how wide words are in the fonts of whoever draws it.
 */
export function laySheet(sheet: Sheet, paper: Paper, measure: TextWidth): LaidSheet {
  const [usual, least] = SIZES[sheet.print];
  const fits = (laid: LaidSheet) => sheet.sides === null || laid.pages.length <= sheet.sides;
  const first = layAt(sheet, paper, usual, measure);
  if (fits(first)) return first;
  let best = layAt(sheet, paper, least, measure);
  // Between a size that fits and one that does not.
  for (let [low, high] = [least, usual]; fits(best) && high - low > STEP;) {
    const size = low + Math.floor((high - low) / 2 / STEP) * STEP;
    const laid = layAt(sheet, paper, size, measure);
    if (fits(laid)) [low, best] = [size, laid];
    else high = size;
  }
  return best;
}

function layAt(sheet: Sheet, paper: Paper, size: number, measure: TextWidth): LaidSheet {
  const [width, height] = PAPER_SIZES[paper];
  const room: LayoutBox = { width: width - 2 * PAGE_MARGIN_PT, size, measure };
  const title = layHeading(sheet.title, 'H1', 1.8, room);
  const line = layText(words(sheet.line, 'large'), room);
  const blocks = sheet.blocks.map((b) => layBlock(b, room));
  const laid = [title, ...(sheet.line ? [line] : []), ...blocks];
  const strips = [
    ...title.strips,
    ...(sheet.line ? line.strips : []),
    gap(size * 0.5),
    ...blocks.flatMap((b) => b.strips),
  ];
  const pages = paginate(strips, height - 2 * PAGE_MARGIN_PT - FOOT).map((marks) =>
    marks.map((m) => moved(m, PAGE_MARGIN_PT, PAGE_MARGIN_PT)),
  );
  return {
    tag: tagOf(
      'Div',
      laid.flatMap((l) => l.tags),
    ),
    pages: pages.map((marks, i) => [...marks, ...footOf(sheet, i, pages.length, height, room)]),
    size,
  };
}

/** Which page of which sheet it is, for pages that come apart. */
function footOf(sheet: Sheet, i: number, of: number, height: number, room: LayoutBox): readonly Stroke[] {
  if (of === 1) return [];
  return [
    {
      kind: 'word',
      tag: null,
      x: PAGE_MARGIN_PT,
      y: height - PAGE_MARGIN_PT - 3,
      text: `${sheet.title}, page ${i + 1} of ${of}`,
      size: room.size * 0.88,
      bold: false,
      colour: PRINT_INK.soft,
    },
  ];
}
