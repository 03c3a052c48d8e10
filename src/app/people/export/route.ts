import { guarded } from '@/server/shell/http';
import { exportPeople } from '@/server/files/import-people';

/** People as CSV, with the mark that spreadsheets look for. */
export const GET = guarded(
  async ({ db }) =>
    new Response(`\uFEFF${await exportPeople(db)}`, {
      headers: {
        'content-type': 'text/csv; charset=utf-8',
        'content-disposition': 'attachment; filename="people.csv"',
      },
    }),
);
