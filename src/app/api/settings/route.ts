import { jsonRoute } from '@/server/shell/http';
import { keepSettings, settingsChangeSchema } from '@/server/shell/settings';

export const PUT = jsonRoute(settingsChangeSchema, (db, settings) => keepSettings(db, settings));
