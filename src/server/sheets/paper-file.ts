import { PAPERS } from '@/core/paper/paper-size';
import type { Sheet } from '@/core/paper/sheet';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { catalogueNow } from '../catalogue';
import { heavy } from '../heavy/queue';
import { cardsToPrint } from '../home';
import { fileName, type Bytes, type OutFile } from '../out-file';
import { settingsNow } from '../settings';
import { today } from '../today';
import { CLASS_SHEETS, classSheet, type ClassSheetId } from './class-sheet';
import { homeCardSheet } from './home-cards';
import { hostSheet, personSheet } from './summaries';

/** What there is as a PDF, by what the id is that of. */
const PAPER_KINDS = [...CLASS_SHEETS.map((s) => s.id), 'cards', 'person', 'host'] as const;
type PaperKind = (typeof PAPER_KINDS)[number];

export const isPaperKind = (kind: string | undefined): kind is PaperKind =>
  PAPER_KINDS.some((k) => k === kind);

/** A PDF of sheets; on the paper that is asked for, else on that of Settings. */
export async function paperFile(
  db: Db,
  kind: PaperKind,
  id: string,
  asked: string | null,
): Promise<Result<OutFile<Bytes>>> {
  let name = '';
  const body = await heavy('pdf', async () => {
    const sheets = await sheetsOf(db, kind, id);
    const [first] = sheets;
    if (!first) return fail('not-found', 'There is nothing to print here.');
    const paper = PAPERS.find((p) => p === asked) ?? (await settingsNow(db)).paper;
    const title = titleOf(kind, first);
    name = `${fileName(title)}.pdf`;
    return ok({ title, sheets, paper });
  });
  return body.ok ? ok({ name, type: 'application/pdf', body: body.value }) : body;
}

function titleOf(kind: PaperKind, first: Sheet): string {
  if (kind === 'cards') return first.line.replace('After', 'Home cards after');
  const what = CLASS_SHEETS.find((s) => s.id === kind)?.name;
  return [first.title, what].filter(Boolean).join(': ');
}

async function sheetsOf(db: Db, kind: PaperKind, id: string): Promise<readonly Sheet[]> {
  const one = (sheet: Sheet | null) => (sheet ? [sheet] : []);
  switch (kind) {
    case 'cards': {
      const { catalogue } = await catalogueNow(db);
      return (await cardsToPrint(db, id)).map((card) => homeCardSheet(card, catalogue));
    }
    case 'person':
      return one(await personSheet(db, id, today()));
    case 'host':
      return one(await hostSheet(db, id));
    default:
      return one(await classSheet(db, id, kind satisfies ClassSheetId));
  }
}
