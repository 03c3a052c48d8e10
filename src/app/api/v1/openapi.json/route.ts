import { openApi } from '@/server/api/openapi';
import { atGate } from '@/server/shell/http';

export const GET = atGate(async () => Response.json(openApi()));
