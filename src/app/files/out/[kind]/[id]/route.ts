import { downloadOne } from '@/server/download';

export const GET = async (_: Request, { params }: { params: Promise<{ kind: string; id: string }> }) => {
  const { kind, id } = await params;
  return downloadOne(kind, id);
};
