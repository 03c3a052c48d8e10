import type { ErrorCode } from './error-codes';

/** An expected failure is a value: a code for the program and a sentence for the person. */
export type Failure = { readonly ok: false; readonly code: ErrorCode; readonly message: string };
export type Result<T> = { readonly ok: true; readonly value: T } | Failure;

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });
export const fail = (code: ErrorCode, message: string): Failure => ({ ok: false, code, message });
