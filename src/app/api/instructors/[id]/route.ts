export { changeOne as PUT, takeOneAway as DELETE } from '@/server/instructors/routes';
