import { networkInterfaces } from 'node:os';
import { LOOPBACK, readNames, readOrigin, type Addresses } from '@/core/lock';

const HOST = (): string => process.env.OSKIL_HOST ?? '127.0.0.1';
/** Listens on every address that this machine has. */
const EVERYWHERE = new Set(['0.0.0.0', '::']);

const asHost = (address: string): string => (address.includes(':') ? `[${address.split('%')[0]}]` : address);

/** How this Oskil may be addressed. Asked each time, since a machine's own addresses come and go. */
export function addresses(): Addresses {
  const own = EVERYWHERE.has(HOST())
    ? Object.values(networkInterfaces()).flatMap((all) => (all ?? []).map((a) => a.address))
    : [HOST()];
  const names = readNames(process.env.OSKIL_NAMES ?? '') ?? [];
  return {
    hosts: new Set([...LOOPBACK, ...own.map((a) => asHost(a.toLowerCase())), ...names]),
    publicOrigin: publicOrigin(),
  };
}

/** Where browsers find Oskil through a proxy that was set; null without one. */
export const publicOrigin = (): string | null => readOrigin(process.env.OSKIL_ORIGIN ?? '');

/** Why the addresses that were set cannot be used; null when they can. */
export function addressTrouble(): string | null {
  const { OSKIL_NAMES: names, OSKIL_ORIGIN: origin } = process.env;
  if (names && readNames(names) === null)
    return `OSKIL_NAMES is “${names}”. It takes names alone, as in “tablet.house oskil.house”.`;
  if (origin && readOrigin(origin) === null)
    return `OSKIL_ORIGIN is “${origin}”. It takes an address without a path, as in “https://oskil.house”.`;
  return null;
}

/** Whether other computers can reach this one's Oskil. */
export const listensBeyond = (): boolean => !LOOPBACK.includes(asHost(HOST())) || publicOrigin() !== null;

/** The server in front of the app (server/front.mjs) runs in this process, and says where a request came from. */
const holder = globalThis as typeof globalThis & { oskilFront?: boolean };
export const ADDRESS = 'x-oskil-address';

/** Where a request came from; null where nobody who can be believed says so. */
export const addressOf = (headers: Headers): string | null =>
  holder.oskilFront ? headers.get(ADDRESS) : null;

/** From this computer itself, and not through a proxy. */
export const isFromHere = (headers: Headers): boolean =>
  ['127.0.0.1', '::1', '::ffff:127.0.0.1'].includes(addressOf(headers) ?? '');
