export { bringOne as POST } from '@/server/backup/routes';
