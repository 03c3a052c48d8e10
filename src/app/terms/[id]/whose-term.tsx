'use client';

import { usePathname, useRouter } from 'next/navigation';
import { SelectField } from '@/ui/form/select-field';

type Props = { chosen: string; people: readonly (readonly [id: string, name: string])[] };

/** The term of the whole group, or as one person does it. */
export function WhoseTerm({ chosen, people }: Props) {
  const router = useRouter();
  const path = usePathname();
  return (
    <SelectField
      label="Whose term"
      value={chosen}
      choices={[['', 'The group'], ...people]}
      onChange={(id) => router.push(id ? `${path}?person=${id}` : path, { scroll: false })}
      className="w-52"
    />
  );
}
