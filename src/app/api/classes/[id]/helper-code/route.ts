export { newCode as POST } from '@/server/lock/routes';
