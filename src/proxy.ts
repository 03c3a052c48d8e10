import { NextResponse, type NextRequest } from 'next/server';
import { atTheGate, type Stop } from '@/server/lock/gate';
import { setIdentityHeaders } from '@/server/lock/request-identity';
import { SAFE_HEADERS } from '@/server/shell/safe-headers';

/**
 * Before every page: whoever may not pass is stopped here. Pages get a fresh nonce: only scripts that we sent may run, and nothing is
 * fetched from elsewhere. Routes ask the gate themselves (server/shell/http.ts), so that no body is held before they did.
 */
export async function proxy(request: NextRequest): Promise<NextResponse> {
  const passed = await atTheGate(request, 'page');
  if ('stop' in passed) return secured(stopped(request, passed.stop));
  const nonce = btoa(crypto.randomUUID());
  const policy = policyWith(nonce);
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  setIdentityHeaders(headers, passed.asker);
  headers.set('Content-Security-Policy', policy);
  const response = secured(NextResponse.next({ request: { headers } }));
  response.headers.set('Content-Security-Policy', policy);
  return response;
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

function secured(response: NextResponse): NextResponse {
  for (const [name, value] of Object.entries(SAFE_HEADERS)) response.headers.set(name, value);
  return response;
}

/** A page that is locked leads to the lock, by a way that names no host; anything else is answered in words. */
function stopped({ method, nextUrl, url }: NextRequest, { status, code, message }: Stop): NextResponse {
  const leads = method === 'GET' && (status === 401 || status === 403);
  if (!leads)
    return NextResponse.json({ code, message }, { status, headers: { 'Cache-Control': 'no-store' } });
  const query = new URLSearchParams();
  if (code === 'helper') query.set('not', 'helper');
  else if (code === 'coordinator') query.set('not', 'instructor');
  else if (nextUrl.pathname !== '/') query.set('to', nextUrl.pathname + nextUrl.search);
  const location = query.size > 0 ? `/lock?${query}` : '/lock';
  // Next wants a whole address here and sends what is behind the host of it.
  const headers = { location: new URL(location, url).href, 'Cache-Control': 'no-store' };
  return new NextResponse(null, { status: 307, headers });
}

/** Whole names, so that nothing is left out that only begins like one of these; tests/store/gate.test.ts holds them to the routes. */
export const config = {
  matcher: [
    {
      source:
        '/((?!api/|files/out/|files/backup/|files/schemas/|meter$|solver$|people/export$|_next/static/|icon\\.svg$).*)',
    },
  ],
};
