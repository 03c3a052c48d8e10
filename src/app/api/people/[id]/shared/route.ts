export { sharePerson as PUT } from '@/server/instructors/routes';
