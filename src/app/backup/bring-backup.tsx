'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { sendFile } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';
import { FilePlace } from '@/ui/form/file-place';

/** A backup from another computer is looked through and kept beside the others; nothing is restored by that. */
export function BringBackup() {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const bring = async (file: File | undefined) => {
    if (!file) return;
    setTrouble(null);
    setBusy(true);
    const brought = await sendFile<{ name: string }>('/api/backups/brought', file);
    if (!brought.ok) {
      setBusy(false);
      return setTrouble(`${file.name}: ${brought.message}`);
    }
    // What it would change is worked out before the next page shows, so it is still looked through.
    router.push(`/backup/${brought.value.name}`);
  };
  return (
    <section aria-label="From elsewhere" className="mt-8">
      <h2 className="mb-2 text-xl">From elsewhere</h2>
      <FilePlace accept=".oskil" onFile={(file) => void bring(file)} />
      <p className="mt-1 text-soft" role="status">
        {busy ? 'Looking through it.' : 'You see what would change before anything is restored.'}
      </p>
      <Trouble message={trouble} />
    </section>
  );
}
