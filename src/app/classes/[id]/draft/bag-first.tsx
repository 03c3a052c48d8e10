'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { CATALOGUE } from '@/catalogue/movements';
import { CheckBox } from '@/ui/form/check-box';
import { Trouble } from '@/ui/form/field';
import { requestJson } from '@/ui/request-json';
import { capital, nameList } from '@/core/words';

type Props = { propIds: readonly string[]; bag: Readonly<Record<string, number>>; people: number };

/** What is in the bag, asked before a ready class is taken: what is not there is done without. */
export function BagFirst({ propIds, bag, people }: Props) {
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  // As it was counted, so that a tick taken back leaves that count and not none.
  const [counted] = useState(bag);
  const needed = Math.max(1, people);
  const props = propIds.flatMap((id) => CATALOGUE.prop(id) ?? []);
  const has = (of: Props['bag'], id: string) => (of[id] ?? 0) >= needed;
  const there = props.filter(({ id }) => has(counted, id));
  const asked = props.filter(({ id }) => !has(counted, id));
  const tick = async (propId: string, on: boolean) => {
    const pieces = on ? needed : (counted[propId] ?? 0);
    const result = await requestJson('PUT', '/api/bag', { propId, pieces });
    setTrouble(result.ok ? null : result.message);
    if (result.ok) router.refresh();
  };
  return (
    <div className="mt-2">
      {there.length > 0 && <p>In the bag already: {nameList(there.map((p) => p.plural))}.</p>}
      {asked.length > 0 && (
        <fieldset>
          <legend className="font-semibold">What do you have, one for each person?</legend>
          <div className="flex flex-wrap gap-x-6">
            {asked.map(({ id, plural }) => (
              <CheckBox
                key={id}
                label={capital(plural)}
                on={has(bag, id)}
                onChange={(on) => void tick(id, on)}
              />
            ))}
          </div>
        </fieldset>
      )}
      <Trouble message={trouble} />
    </div>
  );
}
