import type { ErrorCode } from '@/core/error-codes';
import type { Failure } from '@/core/result';

/** What a database or a system says of a disk without room. */
export const FULL: ReadonlySet<string> = new Set(['53100', 'ENOSPC', 'EDQUOT', 'EFBIG']);
/** Of a folder that may not be written to. */
export const NOT_WRITABLE: ReadonlySet<string> = new Set(['EROFS', 'EACCES', 'EPERM', 'ENOTDIR', '25006']);
/** What was asked has been done, but it is not known whether it is on the disk (store/on-disk). */
export const NOT_ON_DISK = 'not-on-disk';

/**
 * The code of an error from a database or the system, whatever module threw it: a class may stand in several bundles, so that
 * `instanceof` of one does not know the other's.
 */
export const codeOf = (error: unknown): string => {
  const code = (error as { code?: unknown } | null)?.code;
  return typeof code === 'string' ? code : '';
};

const SENTENCES: readonly (readonly [is: (code: string) => boolean, code: ErrorCode, message: string])[] = [
  [(c) => c === '42501', 'not-found', 'That is not among your classes and people. Nothing was changed.'],
  [
    (c) => FULL.has(c),
    'disk-full',
    'The disk is full, so this could not be kept. What you typed is still here; make room, then try again.',
  ],
  [
    (c) => c === NOT_ON_DISK,
    'not-on-disk',
    'The disk did not take this. Take a copy of what you typed and start Oskil again.',
  ],
  [
    // Class 22: a value that its column does not hold.
    (c) => /^22/.test(c),
    'bad-input',
    'Something in this is not a value that can be kept. Nothing was changed.',
  ],
];

/** What somebody is told of an error that nobody expected; nothing about people is logged. */
export function refusalOf(error: unknown, method: string): Failure {
  const found = SENTENCES.find(([is]) => is(codeOf(error)));
  if (found) return { ok: false, code: found[1], message: found[2] };
  console.error('A request failed:', method, (error as Error).name, codeOf(error));
  return {
    ok: false,
    code: 'our-fault',
    message: 'Something went wrong on our side. What you typed is still here; try again.',
  };
}
