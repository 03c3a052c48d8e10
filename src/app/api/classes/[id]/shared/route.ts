export { shareClass as PUT } from '@/server/instructors/routes';
