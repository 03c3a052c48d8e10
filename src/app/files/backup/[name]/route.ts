export { downloadBackup as GET } from '@/server/backup/routes';
