'use client';

import { editable, type Editable } from '@/core/frozen';
import { Table } from '@/ui/page/table';
import { zodResolver } from '@hookform/resolvers/zod';
import { Link } from '@/ui/page/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm, type UseFormReturn } from 'react-hook-form';
import { toast } from 'sonner';
import { fullName, type Person } from '@/core/people';
import { wrapUpSchema, type ChangeMade, type WrapUp, type WrapUpPerson } from '@/core/teach';
import { Button, buttonClass } from '@/ui/form/button';
import type { Failure } from '@/core/result';
import { requestJson } from '@/ui/request-json';
import { ChangedElsewhere } from '@/ui/page/changed-elsewhere';
import { Field, inputClass, Trouble } from '@/ui/form/field';
import { ChangesMade } from './changes-made';

type Props = {
  classId: string;
  people: readonly { person: Person; line: WrapUpPerson }[];
  notes: string;
  writtenUp: boolean;
  made: readonly ChangeMade[];
};

/** What was saved, with what others wrote meanwhile. */
type Saved = { readonly saved: WrapUp; readonly beside?: string };

/** Who came and how it was, in one table; then the next class starts from this one. */
export function WrapUpForm({ classId, people, notes, writtenUp, made }: Props) {
  const router = useRouter();
  const [trouble, setTrouble] = useState<Failure | null>(null);
  const [opened, setOpened] = useState<WrapUp>({ people: people.map((p) => p.line), notes });
  const form = useForm<Editable<WrapUp>>({
    resolver: zodResolver(wrapUpSchema),
    defaultValues: editable(opened),
  });
  const { register, handleSubmit, formState } = form;
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
    <form onSubmit={saveOver(false)} noValidate className="grid gap-4">
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="People">
        <Table
          columns={[
            'Name',
            'Came',
            'left',
            'right',
            'left',
            'right',
            'Effort',
            'Enjoyed',
            'What was adapted',
            'Note',
          ]}
          above={
            <tr className="text-sm text-soft">
              <td colSpan={2} />
              <th colSpan={2} className="font-normal">
                pain before
              </th>
              <th colSpan={2} className="font-normal">
                pain after
              </th>
              <td colSpan={4} />
            </tr>
          }
        >
          {people.map(({ person }, i) => (
            <PersonLine key={person.id} form={form} index={i} name={fullName(person)} />
          ))}
        </Table>
      </div>
      <p className="text-sm text-soft">
        Pain, effort and how much it was enjoyed from 0 to 10. Up to 2 is comfortable, 3 to 5 acceptable if it
        settles, above 5 means stop.
      </p>
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
        {!writtenUp && (
          <span className="text-soft">Write up first; the next class then starts from this one.</span>
        )}
      </div>
    </form>
  );
}

const SCORES = Array.from({ length: 11 }, (_, n) => n);
const COLUMNS = [
  ['painBeforeLeft', 'pain before, left'],
  ['painBeforeRight', 'pain before, right'],
  ['painAfterLeft', 'pain after, left'],
  ['painAfterRight', 'pain after, right'],
  ['effort', 'effort'],
  ['enjoyed', 'enjoyed'],
] as const;

function PersonLine({
  form,
  index,
  name,
}: {
  form: UseFormReturn<Editable<WrapUp>>;
  index: number;
  name: string;
}) {
  const { register, watch } = form;
  const present = watch(`people.${index}.present`);
  return (
    <tr className="border-b align-middle">
      <th scope="row" className="py-1 pr-3 whitespace-nowrap">
        {name}
      </th>
      <td className="pr-3">
        <input
          type="checkbox"
          aria-label={`${name} came`}
          className="size-7 accent-ink"
          {...register(`people.${index}.present`)}
        />
      </td>
      {COLUMNS.map(([column, words]) => (
        <td key={column} className="pr-1">
          <select
            aria-label={`${name}, ${words}`}
            className={`${inputClass} w-16 px-1`}
            disabled={!present}
            {...register(`people.${index}.${column}`, { setValueAs: scoreOf })}
          >
            <option value=""></option>
            {SCORES.map((n) => (
              <option key={n} value={n}>
                {n}
              </option>
            ))}
          </select>
        </td>
      ))}
      <td className="min-w-48 pr-2">
        <input
          aria-label={`${name}, what was adapted`}
          className={inputClass}
          {...register(`people.${index}.adapted`)}
        />
      </td>
      <td className="min-w-48">
        <input aria-label={`${name}, note`} className={inputClass} {...register(`people.${index}.notes`)} />
      </td>
    </tr>
  );
}

/** Blank stays unknown; it is never a nought. */
const scoreOf = (value: string | number | null): number | null =>
  value === '' || value === null ? null : Number(value);
