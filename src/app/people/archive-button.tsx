'use client';

import { useRouter } from 'next/navigation';
import { toast } from 'sonner';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';

type Props = { personId: string; name: string; archived: boolean };

/** Archive, with a window to take it back. */
export function ArchiveButton({ personId, name, archived }: Props) {
  const router = useRouter();
  const setArchived = async (to: boolean) => {
    const result = await requestJson('POST', `/api/people/${personId}/archive`, { archived: to });
    if (!result.ok) {
      toast.error(result.message);
      return;
    }
    toast(to ? `${name} is off the list; the record is kept` : `${name} is back on the list`, {
      duration: 10_000,
      action: { label: 'Undo', onClick: () => void setArchived(!to) },
    });
    router.refresh();
  };
  return (
    <Button onClick={() => setArchived(!archived)}>{archived ? 'Bring back' : 'Take off the list'}</Button>
  );
}
