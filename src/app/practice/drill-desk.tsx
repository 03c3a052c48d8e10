'use client';

import { useCallback, useMemo, useState } from 'react';
import { drillFacts } from '@/catalogue/drill-facts';
import { DRILLS, drillOf, type DrillId, type Question } from '@/core/drill';
import { Button } from '@/ui/form/button';
import { DrillDone } from './drill-done';
import { DrillRun } from './drill-run';

export type Answered = { readonly question: Question; readonly chosen: number };

type Stage = { readonly id: DrillId; readonly seed: number; readonly next: () => Question };

/** Which drill, the drill itself, and how it went. */
export function DrillDesk() {
  const facts = useMemo(drillFacts, []);
  const [stage, setStage] = useState<Stage | null>(null);
  const [done, setDone] = useState<readonly Answered[] | null>(null);
  const begin = (id: DrillId) => {
    const seed = Date.now() % 1_000_000_000;
    setDone(null);
    setStage({ id, seed, next: drillOf(id, facts, seed) });
  };
  const onDone = useCallback((answered: readonly Answered[]) => setDone(answered), []);
  if (!stage)
    return (
      <ul className="grid max-w-3xl gap-3">
        {DRILLS.map(({ id, name, what }) => (
          <li key={id} className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2 border-b py-3">
            <div>
              <h3 className="text-lg">{name}</h3>
              <p className="text-soft">{what}</p>
            </div>
            <Button onClick={() => begin(id)} aria-label={`Begin: ${name}`}>
              Begin
            </Button>
          </li>
        ))}
      </ul>
    );
  const name = DRILLS.find((d) => d.id === stage.id)!.name;
  if (done)
    return (
      <DrillDone name={name} answered={done} onAgain={() => begin(stage.id)} onOther={() => setStage(null)} />
    );
  return <DrillRun key={stage.seed} name={name} next={stage.next} onDone={onDone} />;
}
