'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { plural } from '@/core/words';
import type { ClassInfo } from '@/store/classes';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { shortDay } from '@/ui/words/dates';
import { Trouble } from '@/ui/form/field';
import { SelectField } from '@/ui/form/select-field';

type Props = {
  termId: string;
  missing: number;
  classes: readonly ClassInfo[];
  /** The class that is best made from; null where there is none. */
  usual: string | null;
};

/** Put in the classes that are missing, made from the plan of one that is there. */
export function FillTerm({ termId, missing, classes, usual }: Props) {
  const router = useRouter();
  const [pattern, setPattern] = useState(usual ?? '');
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  if (classes.length === 0)
    return (
      <p className="mb-4 rounded-xl border-2 border-dashed border-edge px-4 py-3">
        No class of this series falls in the term yet. Move one into it, or change the first day of the term.
      </p>
    );
  const fill = async () => {
    setBusy(true);
    const result = await requestJson<{ made: number }>('POST', `/api/terms/${termId}/classes`, {
      patternId: pattern,
    });
    setBusy(false);
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    toast(`${plural(result.value.made, 'class is', 'classes are')} planned`);
    router.refresh();
  };
  return (
    <section aria-label="Classes to come" className="mb-5 rounded-2xl border-2 border-edge bg-paper p-4">
      <div className="flex flex-wrap items-end gap-4">
        <p className="flex-1 self-center">
          {plural(missing, 'class is', 'classes are')} not planned yet. Lighter weeks will ask less, and weeks
          of settling in start on lower rungs. Each can be changed afterwards.
        </p>
        <SelectField
          label="Made from"
          value={pattern}
          choices={classes.map((c) => [c.id, `week ${c.week}, ${shortDay(c.day)}`] as const)}
          onChange={setPattern}
        />
        <Button look="main" disabled={busy} onClick={fill}>
          Plan {plural(missing, 'class', 'classes')}
        </Button>
      </div>
      <Trouble message={trouble} />
    </section>
  );
}
