export { openLock as POST } from '@/server/lock/routes';
