'use client';

import { useRouter } from 'next/navigation';
import type { Term } from '@/core/term';
import { requestJson } from '@/ui/request-json';
import { TermForm } from '../term-form';

export function NewTermForm({ seriesId, initial }: { seriesId: string; initial: Term }) {
  const router = useRouter();
  return (
    <TermForm
      keptAs={`term.new-${seriesId}`}
      initial={initial}
      saveLabel="Plan the term"
      onSave={async (term) => {
        const result = await requestJson<{ id: string }>('POST', '/api/terms', { seriesId, term });
        if (result.ok) router.push(`/terms/${result.value.id}`);
        return result;
      }}
    />
  );
}
