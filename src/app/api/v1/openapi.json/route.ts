import { openApi } from '@/server/api/openapi';
import { atGate } from '@/server/http';

export const GET = atGate(async () => Response.json(openApi()));
