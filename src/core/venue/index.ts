export { settingsOf, settingsSchema, type Settings } from './settings';
