'use client';

import { Form } from '@/ui/form/form';
import { editable, type Editable } from '@/core/frozen';
import { zodResolver } from '@hookform/resolvers/zod';
import { Link } from '@/ui/page/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { fullName, type Person } from '@/core/people';
import { wrapUpSchema, type ChangeMade, type WrapUp, type WrapUpPerson } from '@/core/teach';
import { Button, buttonClass } from '@/ui/form/button';
import type { Failure } from '@/core/result';
import { requestJson } from '@/ui/request-json';
import { ChangedElsewhere } from '@/ui/page/changed-elsewhere';
import { Field, inputClass, Trouble } from '@/ui/form/field';
import { Meant } from '@/ui/page/word';
import { UnsavedLine } from '@/ui/form/unsaved-line';
import { useUnsavedForm } from '@/ui/form/use-unsaved-form';
import { useNarrow } from '@/ui/hooks/use-narrow';
import { ChangesMade } from './changes-made';
import { EveryoneElse } from './everyone-else';
import { PeopleCards } from './people-cards';
import { PeopleTable } from './people-table';

type Props = {
  classId: string;
  people: readonly { person: Person; line: WrapUpPerson }[];
  notes: string;
  writtenUp: boolean;
  made: readonly ChangeMade[];
};

/** What was saved, with what others wrote meanwhile. */
type Saved = { readonly saved: WrapUp; readonly beside?: string };

/** Who came and how it was, in one table, or on a narrow screen in one line each that opens; then the next class starts from this one. */
export function WrapUpForm({ classId, people, notes, writtenUp, made }: Props) {
  const router = useRouter();
  const [trouble, setTrouble] = useState<Failure | null>(null);
  const [opened, setOpened] = useState<WrapUp>({ people: people.map((p) => p.line), notes });
  const form = useForm<Editable<WrapUp>>({
    resolver: zodResolver(wrapUpSchema),
    defaultValues: editable(opened),
  });
  const unsaved = useUnsavedForm(`wrap-up.${classId}`, form, editable(opened), {
    onOpened: setOpened,
  });
  const { register, handleSubmit, formState } = form;
  const isNarrow = useNarrow();
  const names = people.map(({ person }) => fullName(person));
  const [carry, setCarry] = useState<ReadonlySet<number>>(
    () => new Set(made.filter((m) => m.keep).map((m) => m.index)),
  );

  /** `over`: mine wins where somebody else wrote the same meanwhile. */
  const saveOver = (over: boolean) =>
    handleSubmit(async (wrapUp) => {
      const body = { ...wrapUp, before: opened, over };
      const result = await requestJson<Saved>('PUT', `/api/classes/${classId}/wrap-up`, body);
      setTrouble(result.ok ? null : result);
      if (!result.ok) return;
      unsaved.onSaved();
      const { saved, beside } = result.value;
      toast('The class is written up', beside ? { description: beside, duration: 10_000 } : {});
      setOpened(saved);
      form.reset(editable(saved));
      router.refresh();
    });
  const planNext = async () => {
    const result = await requestJson<{ id: string }>('POST', `/api/classes/${classId}/next`, {
      carry: [...carry],
    });
    setTrouble(result.ok ? null : result);
    if (result.ok) router.push(`/classes/${result.value.id}`);
  };

  return (
    <Form onSubmit={saveOver(false)} noValidate waits={!unsaved.isReady} className="grid gap-4">
      <EveryoneElse form={form} />
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="People">
        {isNarrow ? <PeopleCards form={form} names={names} /> : <PeopleTable form={form} names={names} />}
      </div>
      <p className="text-sm text-soft">
        Pain, effort and how much it was enjoyed from 0 to 10. Up to 2 is comfortable, 3 to 5 acceptable if it
        settles, above 5 means stop.
      </p>
      <Meant of={['effort']} />
      <Field label="Notes on the class" error={formState.errors.notes?.message}>
        {(field) => <textarea {...field} rows={3} className={inputClass} {...register('notes')} />}
      </Field>
      <Trouble message={formState.errors.people ? 'Something in the table is too long.' : null} />
      <ChangedElsewhere
        trouble={trouble}
        href={`/classes/${classId}/wrap-up`}
        see="See it as it is now"
        onOver={() => void saveOver(true)()}
        busy={formState.isSubmitting}
      />
      <ChangesMade made={made} carry={carry} onCarry={setCarry} />
      <div className="flex flex-wrap items-center gap-3">
        <Button type="submit" look={writtenUp ? 'plain' : 'main'} disabled={formState.isSubmitting}>
          {writtenUp ? 'Save changes' : 'Write up'}
        </Button>
        <Button look={writtenUp ? 'main' : 'plain'} onClick={planNext} disabled={!writtenUp}>
          Plan the next class from this one
        </Button>
        {writtenUp && (
          <Link href={`/classes/${classId}/decide`} className={buttonClass()}>
            Who moves on
          </Link>
        )}
        <UnsavedLine unsaved={unsaved} />
        {!writtenUp && !unsaved.isTyped && (
          <span className="text-soft">Write up first; the next class then starts from this one.</span>
        )}
      </div>
    </Form>
  );
}
