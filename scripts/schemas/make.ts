// Writes docs/schemas: the shape of each kind of JSON file, from the source.
import { writeFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';
import { z } from 'zod';
import { MOVEMENT_FILE } from '@/core/formats/movement-file';
import { PLAN_FILE } from '@/core/formats/plan-file';
import { TERM_FILE } from '@/core/formats/term-file';

for (const { oskil, version, schema } of [PLAN_FILE, TERM_FILE, MOVEMENT_FILE]) {
  const path = `docs/schemas/${oskil}-${version}.schema.json`;
  const text = JSON.stringify(z.toJSONSchema(schema, { io: 'input' }));
  writeFileSync(path, await format(text, { ...(await resolveConfig(path)), filepath: path }));
}
