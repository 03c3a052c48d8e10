export { settingsOf, settingsSchema, unitsOf, wayInFor, type Settings } from './settings';
