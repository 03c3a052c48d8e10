import { rmSync } from 'node:fs';

export default function globalTeardown() {
  rmSync(process.env.OSKIL_BEGINNINGS, { recursive: true, force: true });
}
