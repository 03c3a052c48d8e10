'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { fullName, type Person } from '@/core/people';
import { Button } from '@/ui/form/button';
import { Trouble } from '@/ui/form/field';
import { SelectField } from '@/ui/form/select-field';
import { requestJson } from '@/ui/request-json';

type Name = Pick<Person, 'id' | 'firstName' | 'initial'>;
type Props = { classId: string; onJoined: (personId: string) => void };

/** Somebody on record who was not expected, and has come. */
export function JoinClass({ classId, onJoined }: Props) {
  const router = useRouter();
  const [others, setOthers] = useState<readonly Name[] | null>(null);
  const [chosen, setChosen] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const url = `/api/classes/${classId}/joined`;
  useEffect(() => {
    let over = false;
    void requestJson<{ people: readonly Name[] }>('GET', url).then((told) => {
      if (over) return;
      if (told.ok) setOthers(told.value.people);
      else setTrouble(told.message);
    });
    return () => {
      over = true;
    };
  }, [url]);
  const join = async () => {
    const joined = await requestJson('POST', url, { personId: chosen });
    setTrouble(joined.ok ? null : joined.message);
    if (!joined.ok) return;
    onJoined(chosen);
    router.refresh();
  };
  if (others?.length === 0) return null;
  return (
    <div className="mt-6 border-t border-edge pt-4">
      <h3 className="text-lg">Somebody else has come</h3>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <SelectField
          label="Who"
          className="w-72"
          value={chosen}
          choices={[
            ['', 'choose a person'],
            ...(others ?? []).map((p): [string, string] => [p.id, fullName(p)]),
          ]}
          onChange={setChosen}
        />
        <Button disabled={chosen === ''} onClick={() => void join()}>
          Add to this class
        </Button>
      </div>
      <Trouble message={trouble} />
    </div>
  );
}
