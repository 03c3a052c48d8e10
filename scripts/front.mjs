// The server in front of the built app: `node scripts/front.mjs HOST PORT`. It does what cannot be done behind it: refuses what is no
// request of ours before the app reads it, and says where a request comes from, which no header of the request itself may say.
import { createServer } from 'node:http';
import { spaced } from './lib/spaced.mjs';

const [host, port] = [process.argv[2] ?? '127.0.0.1', Number(process.argv[3] ?? 4820)];
/** Files are for whoever runs Oskil alone. */
process.umask(0o077);
process.env.NODE_ENV = 'production';
process.env.NEXT_TELEMETRY_DISABLED = '1';
globalThis.oskilFront = true;

/** So many at once; one group and its helpers need ten. */
const MAX_CONNECTIONS = 400;
/** A body of which nothing comes for so long is given up, ms. As a whole it may take long, since a backup may be large. */
const STALLED_MS = 30_000;
const LONGEST_BODY_MS = 60 * 60_000;
const HEADERS_WITHIN_MS = 20_000;
/** Longer than proxies keep a connection, which is a minute: none is asked again on one that is just being closed here. */
const KEPT_MS = 65_000;

const { default: next } = await import('next');
const app = next({ dev: false, hostname: host, port });
const handle = app.getRequestHandler();

const server = createServer({
  requestTimeout: LONGEST_BODY_MS,
  headersTimeout: HEADERS_WITHIN_MS,
  keepAliveTimeout: KEPT_MS,
});
server.maxConnections = MAX_CONNECTIONS;
server.on('request', (request, response) => {
  const trouble = troubleWith(request);
  if (trouble) return refuse(response, ...trouble);
  request.headers['x-oskil-address'] = addressOf(request);
  for (const name of Object.keys(request.headers)) if (isOnlyOurs(name)) delete request.headers[name];
  // On the same machine packing takes longer than sending.
  if (isLoopback(request.socket.remoteAddress) && !process.env.OSKIL_ORIGIN)
    delete request.headers['accept-encoding'];
  limitStalling(request);
  spaced(request, () => void handle(request, response));
});
server.on('clientError', (_, socket) => {
  if (socket.writable) socket.end('HTTP/1.1 400 Bad Request\r\nConnection: close\r\n\r\n');
});
server.on('error', (error) => {
  console.error(
    error.code === 'EADDRINUSE'
      ? `Something already listens on ${host}:${port}.`
      : `Oskil could not listen on ${host}:${port}: ${error.code}`,
  );
  process.exit(1);
});

await app.prepare();
server.listen(port, host);

/** What is no request that a browser or a program makes to us; null for what is. */
function troubleWith({ method, url, headers }) {
  if (['TRACE', 'CONNECT', 'TRACK'].includes(method)) return [405, 'Oskil does not answer that.'];
  if (!/^[\w.:[\]-]+$/.test(headers.host ?? '')) return [400, 'This request names no host.'];
  if (!url.startsWith('/') || !isReadable(url.split('?')[0])) return [400, 'This address is not readable.'];
  return null;
}

function isReadable(path) {
  try {
    return !decodeURIComponent(path).includes('\0');
  } catch {
    return false;
  }
}

function refuse(response, status, message) {
  response.writeHead(status, {
    'content-type': 'application/json',
    'cache-control': 'no-store',
    connection: 'close',
  });
  response.end(JSON.stringify({ code: 'bad-request', message }));
}

/** Headers that only this server and the app itself may set. */
function isOnlyOurs(name) {
  return (
    (name.startsWith('x-oskil-') && name !== 'x-oskil-address') ||
    name.startsWith('x-forwarded-') ||
    name.startsWith('x-middleware-') ||
    name === 'x-nonce'
  );
}

const isLoopback = (address) => ['127.0.0.1', '::1', '::ffff:127.0.0.1'].includes(address);

/** Where a request comes from; by way of the proxy that OSKIL_ORIGIN is about, what that says last. */
function addressOf({ socket, headers }) {
  const peer = socket.remoteAddress ?? '';
  const isProxy = process.env.OSKIL_ORIGIN && isLoopback(peer);
  if (!isProxy) return peer;
  return (
    String(headers['x-forwarded-for'] ?? '')
      .split(',')
      .at(-1)
      .trim() || 'proxy'
  );
}

function limitStalling(request) {
  const hasBody =
    Number(request.headers['content-length'] ?? 0) > 0 || 'transfer-encoding' in request.headers;
  if (!hasBody) return;
  const { socket } = request;
  const giveUp = () => socket.destroy();
  socket.setTimeout(STALLED_MS, giveUp);
  const arrived = () => {
    socket.setTimeout(0);
    socket.off('timeout', giveUp);
  };
  // Also where it was answered before its end: what is left of it is let go as it comes.
  request.once('end', arrived);
}
