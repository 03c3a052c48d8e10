import { CATALOGUE } from '@/catalogue/movements';
import { catalogueIssues, withOwn, type Catalogue } from '@/core/catalogue';
import { figureIssues } from '@/core/hand';
import type { Db } from '@/store/db';
import { listOwn, type StoredOwn } from '@/store/own-movements';

/** A catalogue that is not whole stops the build: this module is loaded when pages are built. */
const issues = [
  ...catalogueIssues(CATALOGUE),
  ...CATALOGUE.movements.flatMap((m) => {
    const figure = CATALOGUE.figure(m.id);
    return figure ? figureIssues(figure).map((i) => `${m.id}: ${i}`) : [`${m.id}: it has no figure`];
  }),
];
if (issues.length > 0) throw new Error(`The catalogue is not whole:\n${issues.join('\n')}`);

/** The catalogue with the instructor's own movements; archived ones can still be looked up. */
export async function catalogueNow(db: Db): Promise<{ catalogue: Catalogue; own: readonly StoredOwn[] }> {
  const own = await listOwn(db);
  return { catalogue: withOwn(CATALOGUE, own), own };
}
