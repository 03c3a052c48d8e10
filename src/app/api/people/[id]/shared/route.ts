export { sharePerson as PUT } from '@/server/instructor-routes';
