import { isErrorCode } from '@/core/error-codes';
import type { Result } from '@/core/result';

/**
 * Ask our own server, or send it JSON. Every failure comes back as a sentence; nothing throws. With `giveUpAfterMs` an answer that does
 * not come counts as not reached: where the network went away without a word it may never come.
 */
export const requestJson = <T>(
  method: 'GET' | 'POST' | 'PUT' | 'DELETE',
  url: string,
  body?: unknown,
  giveUpAfterMs?: number,
): Promise<Result<T>> =>
  asked(url, {
    method,
    ...(giveUpAfterMs === undefined ? {} : { signal: AbortSignal.timeout(giveUpAfterMs) }),
    ...(method === 'GET'
      ? {}
      : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body ?? {}) }),
  });

/** Send a file as it is. */
export const sendFile = <T>(url: string, file: File): Promise<Result<T>> =>
  asked(url, { method: 'POST', headers: { 'content-type': 'application/octet-stream' }, body: file });

async function asked<T>(url: string, init: RequestInit): Promise<Result<T>> {
  try {
    const response = await fetch(url, init);
    const reply: unknown = await response.json();
    if (response.ok) return { ok: true, value: reply as T };
    const { code, message } = reply as { code?: unknown; message?: string };
    return {
      ok: false,
      code: isErrorCode(code) ? code : 'our-fault',
      message: message ?? 'That did not work. What you typed is still here.',
    };
  } catch {
    return {
      ok: false,
      code: 'unreachable',
      message: 'Oskil could not be reached. What you typed is still here; try again when it is back.',
    };
  }
}
