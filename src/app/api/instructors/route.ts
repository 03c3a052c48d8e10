export { newInstructor as POST } from '@/server/instructor-routes';
