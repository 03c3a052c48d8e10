import type { Page } from '@playwright/test';

/** What a page asked of anybody but the Oskil at this address; in its workers too. */
export function askedElsewhere(
  page: Page,
  url = process.env.OSKIL_URL ?? 'http://127.0.0.1:4820',
): () => readonly string[] {
  const asked: string[] = [];
  page.context().on('request', (request) => {
    const { protocol, host } = new URL(request.url());
    const own = new URL(url).host;
    if (!['data:', 'blob:'].includes(protocol) && host !== own) asked.push(request.url());
  });
  return () => asked;
}
