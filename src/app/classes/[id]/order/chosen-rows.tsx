'use client';

import { Form } from '@/ui/form/form';
import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import { toast } from 'sonner';
import {
  blockSchema,
  chosenRows,
  duplicateRows,
  moveRows,
  otherSideRows,
  removeRows,
  type PlanStep,
} from '@/core/plan';
import { plural } from '@/core/words';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { inputClass } from '@/ui/form/field';
import type { OrderEditor } from '../use-plan';

type Props = { editor: OrderEditor; chosen: ReadonlySet<string>; onClear: () => void; onDone: () => void };

/** What can be done with the rows chosen together; each is one step. */
export function ChosenRows({ editor, chosen, onClear, onDone }: Props) {
  const { plan } = editor;
  const ids = [...chosen];
  const there = chosenRows(plan, ids);
  const [naming, setNaming] = useState(false);
  const words = plural(there.length, 'row');
  const carryOut = (step: PlanStep | null, label: string) => {
    if (step) editor.edit(step, label);
    else toast.error('They stand at the end of their section already.');
  };
  const none = there.length === 0;
  return (
    <div
      role="group"
      aria-label="Chosen rows"
      className="no-print z-20 my-2 flex sm:sticky sm:top-(--desk-height) flex-wrap items-center gap-2 rounded-2xl border-2 border-ink bg-paper px-4 py-2 [&_button]:px-3.5"
    >
      <p aria-live="polite" className="mr-2 font-semibold">
        {none ? 'Tick the rows to choose' : `${words} chosen`}
      </p>
      <Button disabled={none} onClick={() => carryOut(moveRows(plan, ids, -1), `Move ${words} up`)}>
        Move up
      </Button>
      <Button disabled={none} onClick={() => carryOut(moveRows(plan, ids, 1), `Move ${words} down`)}>
        Move down
      </Button>
      <Button disabled={none} onClick={() => carryOut(duplicateRows(plan, ids), `Duplicate ${words}`)}>
        Duplicate
      </Button>
      <Button
        disabled={otherSideRows(plan, ids) === null}
        onClick={() => carryOut(otherSideRows(plan, ids), 'The same for the other side')}
      >
        Same for the other side
      </Button>
      <Button disabled={none} aria-expanded={naming} onClick={() => setNaming(!naming)}>
        Keep as a block
      </Button>
      <Button
        disabled={none || there.length > 40}
        onClick={() => {
          carryOut(removeRows(plan, ids), `Take out ${words}`);
          onClear();
        }}
      >
        Take out
      </Button>
      <Button look="quiet" onClick={onDone}>
        Done choosing
      </Button>
      {naming && !none && <BlockName rows={there.map((p) => p.row)} onKept={() => setNaming(false)} />}
    </div>
  );
}

function BlockName({ rows, onKept }: { rows: readonly object[]; onKept: () => void }) {
  const router = useRouter();
  const id = useId();
  const [name, setName] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const keep = async () => {
    const parsed = blockSchema.safeParse({ name, rows });
    if (!parsed.success) return setTrouble(`${parsed.error.issues[0]!.message}.`);
    const result = await requestJson('POST', '/api/blocks', parsed.data);
    if (!result.ok) return setTrouble(result.message);
    toast(`${parsed.data.name} is kept as a block.`);
    router.refresh();
    onKept();
  };
  return (
    <Form
      className="flex w-full flex-wrap items-center gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <label htmlFor={id} className="font-semibold">
        Name of the block
      </label>
      <input
        id={id}
        autoFocus
        className={`${inputClass} max-w-xs`}
        value={name}
        aria-invalid={trouble !== null}
        onChange={(e) => setName(e.target.value)}
      />
      <Button type="submit">Keep it</Button>
      {trouble && (
        <p role="alert" className="font-semibold text-load">
          {trouble}
        </p>
      )}
    </Form>
  );
}
