import { PAPERS, type Sheet } from '@/core/paper';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { catalogueNow } from '../catalogue/catalogue';
import { heavy } from '../heavy/queue';
import type { Printed } from '../heavy/work';
import { cardsToPrint } from '../home/home';
import { fileName, type Bytes, type OutFile } from '../files/download-file';
import { settingsNow } from '../shell/settings';
import { today } from '../shell/today';
import { CLASS_SHEETS, classSheetGiven, classSheetTitle, type ClassSheetId } from './class-sheet';
import { homeCardSheet } from './home-cards';
import { hostSheet, personSheet } from './summaries';

/** What there is as a PDF, by what the id is that of. */
const PAPER_KINDS = [...CLASS_SHEETS.map((s) => s.id), 'cards', 'person', 'host'] as const;
type PaperKind = (typeof PAPER_KINDS)[number];

export const isPaperKind = (kind: string | undefined): kind is PaperKind =>
  PAPER_KINDS.some((k) => k === kind);

/** A PDF of sheets, or of the cards of some people; on the paper that is asked for, else on that of Settings. */
export async function paperFile(
  db: Db,
  kind: PaperKind,
  id: string,
  asked: string | null,
  only: readonly string[] = [],
): Promise<Result<OutFile<Bytes>>> {
  let name = '';
  const body = await heavy('pdf', async () => {
    const printed = await printedOf(db, kind, id, only);
    if (!printed) return fail('not-found', 'There is nothing to print here.');
    name = `${fileName(printed.title)}.pdf`;
    const paper = PAPERS.find((p) => p === asked) ?? (await settingsNow(db)).paper;
    return ok({ ...printed, paper });
  });
  return body.ok ? ok({ name, type: 'application/pdf', body: body.value }) : body;
}

/** What is printed, and under which title; a sheet about a class is made in the thread, since its check takes a while. */
async function printedOf(
  db: Db,
  kind: PaperKind,
  id: string,
  only: readonly string[],
): Promise<Printed | null> {
  switch (kind) {
    case 'cards': {
      const { catalogue } = await catalogueNow(db);
      const sheets = (await cardsToPrint(db, id, only)).map((card) => homeCardSheet(card, catalogue));
      return sheets[0] ? { title: sheets[0].line.replace('After', 'Home cards after'), sheets } : null;
    }
    case 'person':
      return alone(await personSheet(db, id, today()));
    case 'host':
      return alone(await hostSheet(db, id));
    default: {
      const given = await classSheetGiven(db, id, kind satisfies ClassSheetId);
      const what = CLASS_SHEETS.find((s) => s.id === kind)!.name;
      return given && { title: `${classSheetTitle(given)}: ${what}`, ofClass: given };
    }
  }
}

const alone = (sheet: Sheet | null): Printed | null => sheet && { title: sheet.title, sheets: [sheet] };
