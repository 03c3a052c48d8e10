'use client';

import { useRouter } from 'next/navigation';
import { toast } from 'sonner';
import { fullName, type Person } from '@/core/people';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';

/** People who no longer come; their records are kept and they can be brought back. */
export function ArchivedPeople({ people }: { people: readonly Person[] }) {
  const router = useRouter();
  const bringBack = async (person: Person) => {
    const result = await requestJson('POST', `/api/people/${person.id}/archive`, { archived: false });
    if (result.ok) toast(`${fullName(person)} is back on the list`);
    else toast.error(result.message);
    router.refresh();
  };
  return (
    <details className="mt-8">
      <summary className="min-h-11 py-2 font-semibold">No longer coming ({people.length})</summary>
      <ul>
        {people.map((person) => (
          <li key={person.id} className="flex items-center gap-4 border-b py-1">
            <span className="min-w-40">{fullName(person)}</span>
            <Button onClick={() => bringBack(person)}>Bring {person.firstName} back</Button>
          </li>
        ))}
      </ul>
    </details>
  );
}
