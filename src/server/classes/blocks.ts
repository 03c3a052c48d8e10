import { forAnybody, type BlockFields } from '@/core/plan';
import { fail, ok, type Result } from '@/core/result';
import { saveBlock } from '@/store/blocks';
import type { Db } from '@/store/db';
import { catalogueNow } from '../catalogue/catalogue';
import { newId } from '../shell/ids';

export async function keepBlock(db: Db, block: BlockFields): Promise<Result<object>> {
  const { catalogue } = await catalogueNow(db);
  if (block.rows.some((r) => r.kind === 'movement' && !catalogue.movement(r.movementId)))
    return fail('not-found', 'A movement of this block is not in the catalogue.');
  await saveBlock(db, newId(), { ...block, rows: block.rows.map(forAnybody) });
  return ok({});
}
