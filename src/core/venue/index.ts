export { settingsOf, settingsSchema, wayInFor, type Settings } from './settings';
