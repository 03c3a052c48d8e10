export { newInstructor as POST } from '@/server/instructors/routes';
