import { jsonRoute } from '@/server/http';
import { keepSettings, settingsChangeSchema } from '@/server/settings';

export const PUT = jsonRoute(settingsChangeSchema, (db, settings) => keepSettings(db, settings));
