import { laySheet, PAPER_SIZES, type Paper, type PrintedPages, type Sheet } from '@/core/paper';
import { paperFonts } from '../pdf/fonts';

/** A sheet page by page as its PDF has it, for a page of the app to print the same. */
export async function printedPages(sheet: Sheet, paper: Paper): Promise<PrintedPages> {
  const { measure } = await paperFonts();
  const { pages } = laySheet(sheet, paper, measure);
  const [width, height] = PAPER_SIZES[paper];
  return {
    width,
    height,
    // What is printed is not spoken: what the screen shows is.
    pages: pages.map((marks) =>
      marks.map((m) =>
        m.kind === 'word' ? { ...m, tag: null, width: measure(m.text, m.bold, m.size) } : { ...m, tag: null },
      ),
    ),
  };
}
