import { z } from 'zod';
import { dropBlock } from '@/server/classes/blocks';
import { jsonRoute } from '@/server/shell/http';

export const DELETE = jsonRoute(z.strictObject({}), (db, _, { id }) => dropBlock(db, id));
