'use client';

import { Form } from '@/ui/form/form';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import type { Result } from '@/core/result';
import type { InstructorLine } from '@/server/instructors/instructors';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';
import { SecretField } from '@/ui/form/secret-field';
import { SelectField } from '@/ui/form/select-field';

type Props = {
  one: InstructorLine;
  others: readonly InstructorLine[];
  /** Who takes over when nobody else is chosen. */
  heirId: string;
  onDone: () => void;
};

/** What a coordinator does for another instructor: cover for them, help with a passphrase, share the keeping, say good-bye. */
export function InstructorChanges({ one, others, heirId, onDone }: Props) {
  const router = useRouter();
  const [passphrase, setPassphrase] = useState('');
  const [heir, setHeir] = useState(heirId);
  const [isLeaving, setLeaving] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const url = `/api/instructors/${one.id}`;
  const finish = (result: Result<unknown>, words: string) => {
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    toast(words);
    onDone();
    router.refresh();
  };
  const change = async (body: object, words: string) => finish(await requestJson('PUT', url, body), words);
  const heirName = others.find((o) => o.id === heir)?.name ?? '';
  return (
    <div className="grid gap-5 py-4 pl-2">
      <div className="flex flex-wrap items-center gap-3">
        <Button onClick={() => void change({ type: 'share all' }, `Everybody sees what is ${one.name}’s`)}>
          Share all of theirs
        </Button>
        <span className="text-soft">
          When they are away: every instructor then sees their classes and people.
        </span>
      </div>
      <div className="flex flex-wrap items-center gap-3">
        <Button
          onClick={() =>
            void change(
              { type: 'coordinator', coordinator: !one.coordinator },
              one.coordinator ? `${one.name} is no coordinator any more` : `${one.name} is a coordinator`,
            )
          }
        >
          {one.coordinator ? 'No coordinator any more' : 'Make a coordinator'}
        </Button>
        <span className="text-soft">
          Coordinators keep the backups, which hold everybody’s data, and add instructors.
        </span>
      </div>
      <Form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void change({ type: 'passphrase', passphrase }, `${one.name} has a new passphrase`);
        }}
      >
        <SecretField
          label={`New passphrase for ${one.name}, when theirs is forgotten`}
          complete="new-password"
          value={passphrase}
          onChange={setPassphrase}
        />
        <Button type="submit">Set it</Button>
      </Form>
      <div className="flex flex-wrap items-end gap-3">
        <SelectField
          label="Who takes over what is theirs"
          value={heir}
          choices={others.map((o) => [o.id, o.name] as const)}
          onChange={setHeir}
        />
        {!isLeaving && (
          <Button look="danger" onClick={() => setLeaving(true)}>
            Take {one.name} away
          </Button>
        )}
      </div>
      {isLeaving && (
        <div role="group" aria-label={`Take ${one.name} away`} className="grid gap-3">
          <p className="font-semibold">
            {one.name} cannot come in any more, and {heirName} has their classes and people. This cannot be
            taken back.
          </p>
          <div className="flex flex-wrap gap-3">
            <Button
              look="danger"
              onClick={async () =>
                finish(
                  await requestJson('DELETE', url, { heirId: heir }),
                  `${one.name} is taken away; ${heirName} has their classes and people`,
                )
              }
            >
              Take {one.name} away for good
            </Button>
            <Button onClick={() => setLeaving(false)}>Keep {one.name}</Button>
          </div>
        </div>
      )}
      <Trouble message={trouble} />
    </div>
  );
}
