/** On every answer: no page of elsewhere reads, frames or holds one of ours, and browsers take nothing for what it is not. */
export const SAFE_HEADERS: Readonly<Record<string, string>> = {
  'X-Content-Type-Options': 'nosniff',
  'Referrer-Policy': 'same-origin',
  'Permissions-Policy': 'camera=(), microphone=(self), geolocation=()',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Cross-Origin-Opener-Policy': 'same-origin',
};

/** What a route answers is data: nothing of it may run, and nobody keeps it unless the route says so. */
export function withSafeHeaders(response: Response): Response {
  for (const [name, value] of Object.entries(SAFE_HEADERS)) response.headers.set(name, value);
  response.headers.set('Content-Security-Policy', "default-src 'none'; frame-ancestors 'none'; sandbox");
  if (!response.headers.has('Cache-Control')) response.headers.set('Cache-Control', 'no-store');
  return response;
}
