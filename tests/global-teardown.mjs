import { rmSync } from 'node:fs';
import { dirname } from 'node:path';

export default function globalTeardown() {
  rmSync(dirname(process.env.OSKIL_TEST_EMPTY), { recursive: true, force: true });
}
