'use client';

import { useRouter } from 'next/navigation';
import type { Term } from '@/core/term';
import { requestJson } from '@/ui/request-json';
import { TermForm } from '../../term-form';

export function ChangeTermForm({ termId, initial }: { termId: string; initial: Term }) {
  const router = useRouter();
  return (
    <TermForm
      keptAs={`term.${termId}`}
      initial={initial}
      saveLabel="Keep the changes"
      onSave={async (term) => {
        const result = await requestJson('PUT', `/api/terms/${termId}`, term);
        if (result.ok) router.push(`/terms/${termId}`);
        return result;
      }}
    />
  );
}
