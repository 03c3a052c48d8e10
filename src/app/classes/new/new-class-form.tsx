'use client';

import { useRouter } from 'next/navigation';
import { requestJson } from '@/ui/request-json';
import { ClassForm } from '../class-form';

/** The first class of a series; its plan opens next. */
export function NewClassForm({ today }: { today: string }) {
  const router = useRouter();
  return (
    <ClassForm
      initial={{ name: '', place: '', day: today, startsAt: '10:30', slotMinutes: 45 }}
      saveLabel="Make the class"
      onSave={async (fields) => {
        const result = await requestJson<{ id: string }>('POST', '/api/classes', fields);
        if (result.ok) router.push(`/classes/${result.value.id}`);
        return result;
      }}
    />
  );
}
