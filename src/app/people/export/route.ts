import { pageData } from '@/server/lock/whose';
import { exportPeople } from '@/server/import-people';

/** People as CSV, with the mark that spreadsheets look for. */
export async function GET(): Promise<Response> {
  return new Response(`\uFEFF${await exportPeople(await pageData())}`, {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="people.csv"',
      'cache-control': 'no-store',
    },
  });
}
