import { openApi } from '@/server/api/openapi';

/** The description holds nothing of anybody, so whoever reaches the app may read it. */
export const GET = () => Response.json(openApi());
