import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';

const pagesOf = (pdf: Buffer): number => pdf.toString('latin1').match(/\/Type\s*\/Page\b(?!s)/g)!.length;

/** How many sides of paper a browser prints of the page. */
export const printedSides = async (page: Page): Promise<number> =>
  pagesOf(await page.pdf({ format: 'A4', preferCSSPageSize: true }));

/** How many sides the PDF has that the page offers, which is made without a browser. */
export async function pdfSides(page: Page): Promise<number> {
  const coming = page.waitForEvent('download');
  await page.getByRole('link', { name: 'PDF, A4' }).click();
  const file = await readFile(await (await coming).path());
  if (!file.toString('latin1').startsWith('%PDF-1.7')) throw new Error('What came is no PDF file.');
  return pagesOf(file);
}
