export { setLock as PUT } from '@/server/lock/routes';
