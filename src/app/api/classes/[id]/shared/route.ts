export { shareClass as PUT } from '@/server/instructor-routes';
