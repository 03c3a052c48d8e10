import { NextResponse, type NextRequest } from 'next/server';
import { COOKIE, passageOf, type Passage } from '@/server/lock/gate';
import { sayWho } from '@/server/lock/whose';

/**
 * Before every page and route: whoever may not pass is stopped here. Pages get a fresh nonce: only scripts that we sent may run,
 * and nothing is fetched from elsewhere.
 */
export async function proxy(request: NextRequest): Promise<NextResponse> {
  const { pathname } = request.nextUrl;
  const { passage, asker } = await passageOf(
    pathname,
    request.cookies.get(COOKIE)?.value,
    request.headers.has('authorization'),
  );
  if (passage !== 'pass') return stopped(request, passage);
  const nonce = btoa(crypto.randomUUID());
  const policy = policyWith(nonce);
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  sayWho(headers, asker);
  headers.set('Content-Security-Policy', policy);
  return secured(NextResponse.next({ request: { headers } }), policy);
}

function policyWith(nonce: string): string {
  const evalForDev = process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : '';
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${evalForDev}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

function secured(response: NextResponse, policy: string): NextResponse {
  response.headers.set('Content-Security-Policy', policy);
  response.headers.set('X-Content-Type-Options', 'nosniff');
  response.headers.set('Referrer-Policy', 'same-origin');
  response.headers.set('Permissions-Policy', 'camera=(), microphone=(), geolocation=()');
  return response;
}

/** As the browser knows us, which may be by another name than we listen on. */
function addressOf(request: NextRequest): string {
  const host = request.headers.get('host');
  const scheme = request.headers.get('x-forwarded-proto') ?? request.nextUrl.protocol.replace(':', '');
  return host ? `${scheme}://${host}` : request.nextUrl.origin;
}

/** A page leads to the lock; anything else is answered in words. */
function stopped(request: NextRequest, passage: Exclude<Passage, 'pass'>): NextResponse {
  const { pathname, search } = request.nextUrl;
  const isPage = request.method === 'GET' && !/^\/(api|files\/|meter|solver)/.test(pathname);
  if (isPage) {
    const to = new URL('/lock', addressOf(request));
    if (passage !== 'to the lock')
      to.searchParams.set('not', passage === 'not for helpers' ? 'helper' : 'instructor');
    else if (pathname !== '/') to.searchParams.set('to', pathname + search);
    return NextResponse.redirect(to);
  }
  const { status, ...words } = ANSWERS[passage];
  return NextResponse.json(words, { status });
}

const ANSWERS = {
  'to the lock': {
    status: 401,
    code: 'locked',
    message: 'Oskil is locked. Open it in another tab, then try again; what you typed is still here.',
  },
  'not for helpers': { status: 403, code: 'helper', message: 'A helper’s code does not open this.' },
  'for coordinators': {
    status: 403,
    code: 'coordinator',
    message: 'This is about everybody’s data, so only a coordinator can do it.',
  },
} as const;

export const config = { matcher: [{ source: '/((?!_next/static|_next/image|icon.svg).*)' }] };
