export { newHelperCode as POST } from '@/server/lock/routes';
