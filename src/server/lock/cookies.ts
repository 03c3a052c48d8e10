import { publicOrigin } from './addresses';

/** Whose session it is; ends with the browser. */
export const SESSION_COOKIE = 'oskil_session';
/** That this browser was let in before; lasts. */
export const BROWSER_COOKIE = 'oskil_browser';
/** As long as browsers keep any, s. */
const LASTS_S = 400 * 24 * 3_600;

export const cookieIn = (headers: Headers, name: string): string | undefined =>
  new RegExp(`(?:^|; )${name}=([^;]+)`).exec(headers.get('cookie') ?? '')?.[1];

/** No script reads it, and no other site sends it. */
const cookie = (headers: Headers, name: string, value: string, more: string): string =>
  `${name}=${value}; Path=/; HttpOnly; SameSite=Strict${more}${isSecure(headers) ? '; Secure' : ''}`;

export const sessionCookie = (headers: Headers, token: string | null): string =>
  cookie(headers, SESSION_COOKIE, token ?? '', token === null ? '; Max-Age=0' : '');

export const browserCookie = (headers: Headers, id: string): string =>
  cookie(headers, BROWSER_COOKIE, id, `; Max-Age=${LASTS_S}`);

/** The browser speaks HTTPS with the proxy that was set. */
const isSecure = (headers: Headers): boolean => {
  const origin = publicOrigin();
  if (!origin?.startsWith('https:')) return false;
  return headers.get('host') === new URL(origin).host || headers.get('origin') === origin;
};
