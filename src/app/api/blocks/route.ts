import { blockSchema } from '@/core/plan';
import { keepBlock } from '@/server/classes/blocks';
import { jsonRoute } from '@/server/shell/http';

export const POST = jsonRoute(blockSchema, (db, block) => keepBlock(db, block));
