'use client';

import { useRouter } from 'next/navigation';
import { toast } from 'sonner';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';

/** Take an own movement off the shelf, or put it back; plans that hold it keep it. */
export function PutAway({ id, name, archived }: { id: string; name: string; archived: boolean }) {
  const router = useRouter();
  const set = async (to: boolean) => {
    const result = await requestJson('POST', `/api/movements/${id}/archive`, { archived: to });
    if (!result.ok) {
      toast(result.message);
      return;
    }
    toast(to ? `${name} is off the shelf` : `${name} is back on the shelf`, {
      action: to ? { label: 'Take back', onClick: () => void set(false) } : undefined,
    });
    router.refresh();
  };
  return (
    <Button onClick={() => void set(!archived)}>
      {archived ? 'Put back on the shelf' : 'Take off the shelf'}
    </Button>
  );
}
