export { restoreNow as POST } from '@/server/backup/routes';
