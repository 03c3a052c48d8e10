'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import type { Term } from '@/core/term';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';

/** Asks, takes the term away, and offers to put it back. */
export function RemoveTerm({ termId, name }: { termId: string; name: string }) {
  const router = useRouter();
  const [asking, setAsking] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const remove = async () => {
    const result = await requestJson<{ seriesId: string; term: Term }>('DELETE', `/api/terms/${termId}`);
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    const putBack = async () => {
      const back = await requestJson('POST', '/api/terms', result.value);
      toast(back.ok ? `${name} is there again` : back.message);
      router.refresh();
    };
    toast(`${name} is taken away`, {
      action: { label: 'Undo', onClick: () => void putBack() },
      duration: 12_000,
    });
    router.push('/terms');
    router.refresh();
  };
  return (
    <section aria-label="Take away" className="mt-10 border-t pt-4">
      {asking ? (
        <div className="flex flex-wrap items-center gap-3">
          <p>Take {name} away? Its classes and their plans stay.</p>
          <Button look="danger" onClick={remove}>
            Take it away
          </Button>
          <Button onClick={() => setAsking(false)}>Keep it</Button>
        </div>
      ) : (
        <Button onClick={() => setAsking(true)}>Take this term away</Button>
      )}
      <Trouble message={trouble} />
    </section>
  );
}
