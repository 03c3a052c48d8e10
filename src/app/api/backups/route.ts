export { backUpNow as POST } from '@/server/backup/routes';
