import { forAnybody, type BlockFields } from '@/core/plan';
import { fail, ok, type Result } from '@/core/result';
import { removeBlock, saveBlock } from '@/store/blocks';
import type { Db } from '@/store/db';
import { catalogueNow } from '../catalogue/catalogue';
import { idFrom, newId } from '../shell/ids';

export async function keepBlock(db: Db, block: BlockFields): Promise<Result<object>> {
  const { catalogue } = await catalogueNow(db);
  if (block.rows.some((r) => r.kind === 'movement' && !catalogue.movement(r.movementId)))
    return fail('not-found', 'A movement of this block is not in the catalogue.');
  await saveBlock(db, newId(), { ...block, rows: block.rows.map(forAnybody) });
  return ok({});
}

export async function dropBlock(db: Db, rawId: string | undefined): Promise<Result<object>> {
  const id = idFrom(rawId, 'block');
  if (!id.ok) return id;
  return (await removeBlock(db, id.value)) ? ok({}) : fail('not-found', 'There is no such block.');
}
