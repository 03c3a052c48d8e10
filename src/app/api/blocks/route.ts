import { blockSchema, keepBlock } from '@/server/blocks';
import { jsonRoute } from '@/server/http';

export const POST = jsonRoute(blockSchema, (db, block) => keepBlock(db, block));
