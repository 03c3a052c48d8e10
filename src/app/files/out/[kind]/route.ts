export { downloadWhole as GET } from '@/server/files/download';
