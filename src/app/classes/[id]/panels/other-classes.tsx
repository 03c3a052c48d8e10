'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { Catalogue } from '@/core/catalogue';
import type { Block, Plan } from '@/core/plan';
import { plural } from '@/core/words';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { tellTaken } from '@/ui/taken-toast';
import { longDay } from '@/ui/words/dates';
import { toggled } from '@/ui/form/toggled';
import { Trouble } from '@/ui/form/field';
import { SelectField } from '@/ui/form/select-field';
import { BringRows } from './bring-rows';
import { Comparison } from './comparison';
import type { PlanEditor } from '../use-plan';

export type OtherClass = {
  readonly id: string;
  readonly name: string;
  readonly week: number;
  readonly day: string;
};

type Props = {
  editor: PlanEditor;
  catalogue: Catalogue;
  others: readonly OtherClass[];
  blocks: readonly Block[];
  /** The class taught last, shown first. */
  lastId: string | null;
};

/** This plan beside another class: what differs, and rows to bring over. Saved blocks are kept here too. */
export function OtherClasses({ editor, catalogue, others, blocks, lastId }: Props) {
  const [chosenId, setChosenId] = useState(lastId ?? others[0]?.id ?? '');
  const [bringing, setBringing] = useState(false);
  const { plan, trouble } = usePlanOf(chosenId);
  const chosen = others.find((c) => c.id === chosenId);
  return (
    <section aria-label="Other classes" className="mt-3 grid gap-5">
      {others.length === 0 ? (
        <p>There is no other class yet.</p>
      ) : (
        <div className="flex flex-wrap items-end gap-4">
          <SelectField
            label="Beside this plan"
            className="w-96 max-w-full"
            value={chosenId}
            choices={others.map((c) => [c.id, `${c.name}, week ${c.week}, ${longDay(c.day)}`])}
            onChange={setChosenId}
          />
          {plan && (
            <Button aria-expanded={bringing} onClick={() => setBringing(!bringing)}>
              Bring rows from it
            </Button>
          )}
        </div>
      )}
      <Trouble message={trouble} />
      {plan && chosen && bringing && (
        <BringRows key={chosenId} from={plan} editor={editor} catalogue={catalogue} />
      )}
      {plan && chosen && (
        <Comparison
          plan={editor.plan}
          earlier={plan}
          name={`${chosen.name}, week ${chosen.week}`}
          catalogue={catalogue}
        />
      )}
      <BlockList blocks={blocks} />
    </section>
  );
}

/** The plan of another class, asked for when it is chosen. */
function usePlanOf(classId: string): { plan: Plan | null; trouble: string | null } {
  const [known, setKnown] = useState<{ id: string; plan: Plan | null; trouble: string | null } | null>(null);
  useEffect(() => {
    if (!classId) return;
    let wanted = true;
    void requestJson<{ plan: Plan }>('GET', `/api/classes/${classId}/plan`).then((result) => {
      if (!wanted) return;
      setKnown({
        id: classId,
        plan: result.ok ? result.value.plan : null,
        trouble: result.ok ? null : result.message,
      });
    });
    return () => {
      wanted = false;
    };
  }, [classId]);
  return known?.id === classId ? known : { plan: null, trouble: null };
}

function BlockList({ blocks }: { blocks: readonly Block[] }) {
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  /** Taken away here: gone from the list at once, before the page knows. */
  const [away, setAway] = useState<ReadonlySet<string>>(new Set());
  const takeAway = async ({ id }: Block) => {
    const result = await requestJson<{ id: string; name: string }>('DELETE', `/api/blocks/${id}`);
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    setAway((ids) => toggled(ids, id));
    tellTaken(result.value, () => {
      setAway((ids) => toggled(ids, id));
      router.refresh();
    });
    router.refresh();
  };
  const there = blocks.filter((b) => !away.has(b.id));
  return (
    <div>
      <h2 className="text-lg">Blocks</h2>
      {there.length === 0 ? (
        <p>
          None yet. Choose rows in the running order and keep them as a block; it can then be added to any
          section of any class.
        </p>
      ) : (
        <ul className="max-w-2xl">
          {there.map((block) => (
            <li key={block.id} className="flex items-center gap-4 border-b border-line">
              <span className="flex-1">
                <strong>{block.name}</strong>, {plural(block.rows.length, 'row')}
              </span>
              <Button look="quiet" onClick={() => takeAway(block)} aria-label={`Take ${block.name} away`}>
                Take away
              </Button>
            </li>
          ))}
        </ul>
      )}
      <Trouble message={trouble} />
    </div>
  );
}
