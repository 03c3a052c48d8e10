import { findable } from '@/server/shell/findable';
import { jsonRead } from '@/server/shell/http';

export const GET = jsonRead((db) => findable(db));
