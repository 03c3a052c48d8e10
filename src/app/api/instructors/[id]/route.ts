export { changeOne as PUT, takeOneAway as DELETE } from '@/server/instructor-routes';
