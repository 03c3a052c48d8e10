import { jsonRoute } from '@/server/http';
import { keepSettings, settingsSchema } from '@/server/settings';

export const PUT = jsonRoute(settingsSchema, (db, settings) => keepSettings(db, settings));
