import { downloadWhole } from '@/server/download';

export const GET = async (_: Request, { params }: { params: Promise<{ kind: string }> }) =>
  downloadWhole((await params).kind);
