/** How Oskil may be addressed by browsers. */
export type Addresses = {
  /** Names and addresses of this machine, in small letters: "127.0.0.1", "[::1]", "tablet.house". */
  readonly hosts: ReadonlySet<string>;
  /** Where browsers find it through a proxy, as "https://oskil.house"; null when there is none. */
  readonly publicOrigin: string | null;
};

/** This computer as it calls itself; no other page can be at these. */
export const LOOPBACK: readonly string[] = ['127.0.0.1', 'localhost', '[::1]'];

/** A Host header that is ours, with any port. A foreign name that leads here is not: a page of that name could read everything. */
export function isOwnHost(host: string | null, { hosts, publicOrigin }: Addresses): boolean {
  if (host === null) return false;
  const name = /^(\[[0-9a-f:.]+\]|[a-z0-9._-]+)(:\d{1,5})?$/.exec(host.toLowerCase())?.[1];
  if (name === undefined) return false;
  return hosts.has(name) || (publicOrigin !== null && host.toLowerCase() === new URL(publicOrigin).host);
}

/** Where a request says it comes from is the page it went to: the address that a proxy stands at, or by plain HTTP any other. */
export function isOwnOrigin(origin: string, host: string, { publicOrigin }: Addresses): boolean {
  if (origin === publicOrigin) return true;
  const isProxys = publicOrigin !== null && host.toLowerCase() === new URL(publicOrigin).host;
  return !isProxys && origin.toLowerCase() === `http://${host.toLowerCase()}`;
}

/** The names in OSKIL_NAMES, parted by commas or blanks; `null` where one of them is no name. */
export function readNames(text: string): readonly string[] | null {
  const names = text
    .toLowerCase()
    .split(/[\s,]+/)
    .filter(Boolean);
  return names.every((n) => /^[a-z0-9]([a-z0-9.-]*[a-z0-9])?$/.test(n)) ? names : null;
}

/** OSKIL_ORIGIN as an origin: "https://oskil.house", without a path. Null when it is none. */
export function readOrigin(text: string): string | null {
  const url = URL.canParse(text) ? new URL(text) : null;
  const isOrigin = url !== null && /^https?:$/.test(url.protocol) && url.origin === text.replace(/\/$/, '');
  return isOrigin ? url.origin : null;
}
