'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';

/** A backup when it is wanted; it counts once it has been restored on trial. */
export function BackUpNow() {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const make = async () => {
    setBusy(true);
    const made = await requestJson<{ name: string }>('POST', '/api/backups');
    setBusy(false);
    setTrouble(made.ok ? null : made.message);
    if (made.ok) toast('Backed up, and restored on trial');
    router.refresh();
  };
  return (
    <div>
      <Button look="main" onClick={make} disabled={busy}>
        {busy ? 'Backing up' : 'Back up now'}
      </Button>
      <Trouble message={trouble} />
    </div>
  );
}
