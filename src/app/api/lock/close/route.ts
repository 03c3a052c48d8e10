export { closeLock as POST } from '@/server/lock/routes';
