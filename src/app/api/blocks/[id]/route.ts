import { z } from 'zod';
import { dropBlock } from '@/server/blocks';
import { jsonRoute } from '@/server/http';

export const DELETE = jsonRoute(z.strictObject({}), (db, _, { id }) => dropBlock(db, id));
