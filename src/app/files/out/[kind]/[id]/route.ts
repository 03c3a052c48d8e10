export { downloadOne as GET } from '@/server/files/download';
