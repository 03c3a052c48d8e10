import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { guarded } from '@/server/shell/http';

/** The solver's WebAssembly, as it comes with its package: drafting asks no other machine for anything. */
const FILE = join(process.cwd(), 'node_modules', 'highs', 'build', 'highs.wasm');

export const GET = guarded(async () => {
  const bytes = await readFile(FILE);
  return new Response(new Uint8Array(bytes), {
    headers: { 'content-type': 'application/wasm', 'cache-control': 'private, max-age=86400' },
  });
});
