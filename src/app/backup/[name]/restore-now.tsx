'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';

/** Restoring is asked for twice: once to look, once to say so. */
export function RestoreNow({ name }: { name: string }) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const restore = async () => {
    setBusy(true);
    const result = await requestJson<{ before: string | null; aside: string | null }>(
      'POST',
      `/api/backups/${name}`,
    );
    setBusy(false);
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    toast(
      result.value.before
        ? 'Restored. The backup made before it is at the top of the list.'
        : `Restored. What was here could not be read, so its files were put aside in ${result.value.aside}.`,
    );
    router.push('/backup');
    router.refresh();
  };
  return (
    <>
      <Button look="danger" onClick={restore} disabled={busy}>
        {busy ? 'Restoring' : 'Restore this backup'}
      </Button>
      <Trouble message={trouble} />
    </>
  );
}
