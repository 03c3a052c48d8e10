export { downloadOne as GET } from '@/server/download';
