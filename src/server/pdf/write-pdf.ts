import PDFDocument from 'pdfkit';
import {
  laySheet,
  PAPER_SIZES,
  words,
  type LaidSheet,
  type Stroke,
  type Paper,
  type PathMark,
  type Sheet,
  type Tag,
  type WordMark,
} from '@/core/paper';
import type { Bytes } from '../files/download-file';
import { paperFonts, printable, type FontName, type Fonts } from './fonts';

/** Who speaks it, for a reader. */
const LANGUAGE = 'en-GB';

/** Said where some letters are in none of the fonts, so that nothing is lost without a word. */
const NOT_PRINTABLE =
  'Letters that this file has no print for stand as □. Printing the page from Oskil itself shows them.';

/**
 * Sheets as one PDF file, each from a new page: tagged (ISO 14289-1), with title and language, fonts embedded, figures and cords
 * as paths.
 */
export async function writePdf(title: string, sheets: readonly Sheet[], paper: Paper): Promise<Bytes> {
  const fonts = await paperFonts();
  const doc = new PDFDocument({
    size: [...PAPER_SIZES[paper]],
    autoFirstPage: false,
    margin: 0,
    pdfVersion: '1.7',
    // The package knows it, its types do not yet.
    subset: 'PDF/UA' as PDFKit.PDFDocumentOptions['subset'] & string,
    tagged: true,
    lang: LANGUAGE,
    displayTitle: true,
    info: { Title: title, Creator: 'Oskil', Producer: 'Oskil' },
    font: null as unknown as string,
  });
  for (const [name, bytes] of Object.entries(fonts.bytes)) doc.registerFont(name, bytes);
  const bytes = collected(doc);
  const whole = doc.struct('Document');
  doc.addStructure(whole);
  for (const sheet of sheets) drawSheet(doc, whole, withWarning(sheet, fonts), paper, fonts);
  whole.end();
  doc.end();
  return bytes;
}

type Doc = PDFKit.PDFDocument;
type Struct = ReturnType<Doc['struct']>;

function collected(doc: Doc): Promise<Bytes> {
  return new Promise((resolve, reject) => {
    const chunks: Buffer[] = [];
    doc.on('data', (c: Buffer) => chunks.push(c));
    doc.on('end', () => resolve(new Uint8Array(Buffer.concat(chunks))));
    doc.on('error', reject);
  });
}

const withWarning = (sheet: Sheet, fonts: Fonts): Sheet =>
  printable(JSON.stringify(sheet), fonts)
    ? sheet
    : { ...sheet, blocks: [...sheet.blocks, words(NOT_PRINTABLE, 'small')] };

function drawSheet(doc: Doc, whole: Struct, sheet: Sheet, paper: Paper, fonts: Fonts): void {
  const laid: LaidSheet = laySheet(sheet, paper, fonts.measure);
  const structs = new Map<Tag, Struct>();
  whole.add(structOf(doc, laid.tag, structs));
  for (const marks of laid.pages) {
    doc.addPage();
    for (const { tag, marks: run } of sameTag(marks)) drawRun(doc, tag && structs.get(tag)!, tag, run, fonts);
  }
}

function structOf(doc: Doc, tag: Tag, structs: Map<Tag, Struct>): Struct {
  const struct = doc.struct(tag.type, {
    ...(tag.alt && { alt: tag.alt }),
    ...(tag.title && { title: tag.title }),
    ...(tag.scope && { scope: tag.scope }),
  });
  structs.set(tag, struct);
  for (const child of tag.children) struct.add(structOf(doc, child, structs));
  return struct;
}

/** Marks that follow each other and belong to the same, together. */
function sameTag(marks: readonly Stroke[]): readonly { tag: Tag | null; marks: readonly Stroke[] }[] {
  const runs: { tag: Tag | null; marks: Stroke[] }[] = [];
  for (const mark of marks) {
    const last = runs.at(-1);
    if (last && last.tag === mark.tag) last.marks.push(mark);
    else runs.push({ tag: mark.tag, marks: [mark] });
  }
  return runs;
}

function drawRun(
  doc: Doc,
  struct: Struct | null,
  tag: Tag | null,
  marks: readonly Stroke[],
  fonts: Fonts,
): void {
  const content = tag && struct ? doc.markStructureContent(tag.type) : null;
  if (!content) doc.markContent('Artifact', { type: 'Layout' });
  for (const mark of marks) {
    if (mark.kind === 'word') drawWord(doc, mark, fonts);
    else drawPath(doc, mark);
  }
  doc.endMarkedContent();
  if (content && struct) struct.add(content);
}

function drawWord(doc: Doc, { text, x, y, size, bold, colour }: WordMark, fonts: Fonts): void {
  doc.fillColor(colour).fillOpacity(1);
  let at = x;
  for (const run of fonts.runsOf(text, bold)) {
    doc
      .font(run.font satisfies FontName, size)
      .text(run.text, at, y, { lineBreak: false, baseline: 'alphabetic' });
    at += fonts.widthOf(run, size);
  }
}

function drawPath(doc: Doc, mark: PathMark): void {
  const { x, y, d, scale, fill, stroke, strokeWidth, strokeOpacity, round, dotted } = mark;
  doc.save().translate(x, y).scale(scale);
  doc.path(d);
  if (stroke) {
    doc.lineWidth(strokeWidth).strokeColor(stroke).strokeOpacity(strokeOpacity);
    doc.lineCap(round ? 'round' : 'butt').lineJoin(round ? 'round' : 'miter');
    if (dotted) doc.dash(0.001, { space: dotted });
  }
  if (fill) doc.fillColor(fill).fillOpacity(1);
  if (fill && stroke) doc.fillAndStroke();
  else if (fill) doc.fill();
  else if (stroke) doc.stroke();
  doc.restore();
}
