export { downloadWhole as GET } from '@/server/download';
