import { fail, ok, type Result } from '../result';

export const MAX_FILE_BYTES = 10 * 1024 * 1024;

/** Text of a file: UTF-8 with or without its mark, UTF-16 by its mark, else the older western encoding, which is said. */
export function decodeText(bytes: Uint8Array): Result<{ readonly text: string; readonly guessed: boolean }> {
  if (bytes.byteLength > MAX_FILE_BYTES)
    return fail('too-large', 'That file is over 10 MB. Split it and bring it in parts.');
  const mark = [bytes[0], bytes[1]];
  if (mark[0] === 0xff && mark[1] === 0xfe) return ok({ text: read(bytes, 'utf-16le'), guessed: false });
  if (mark[0] === 0xfe && mark[1] === 0xff) return ok({ text: read(bytes, 'utf-16be'), guessed: false });
  try {
    return ok({ text: withoutMark(new TextDecoder('utf-8', { fatal: true }).decode(bytes)), guessed: false });
  } catch {
    return ok({ text: read(bytes, 'windows-1252'), guessed: true });
  }
}

const read = (bytes: Uint8Array, encoding: string): string =>
  withoutMark(new TextDecoder(encoding).decode(bytes));
const withoutMark = (text: string): string => text.replace(/^\uFEFF/, '');
