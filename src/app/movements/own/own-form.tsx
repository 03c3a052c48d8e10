'use client';

import { Form } from '@/ui/form/form';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { FormProvider, useForm, useWatch } from 'react-hook-form';
import { toast } from 'sonner';
import { completed } from '@/catalogue/own-start';
import {
  ownIssues,
  ownMovementSchema,
  ownOf,
  type Movement,
  type OwnMovement,
  type OwnMovementInput,
} from '@/core/catalogue';
import { scriptOf, type Pass } from '@/core/dose';
import { Button } from '@/ui/form/button';
import { UnsavedLine } from '@/ui/form/unsaved-line';
import { useUnsavedForm } from '@/ui/form/use-unsaved-form';
import { requestJson } from '@/ui/request-json';
import { useCatalogue } from '@/ui/catalogue';
import { DoseFields } from '@/ui/form/dose/dose-fields';
import { Trouble } from '@/ui/form/field';
import { LadderFields } from './ladder-fields';
import { PassNames } from './pass-names';
import { PoseEditor } from './pose-editor';
import { WordFields } from './word-fields';
import { WorkFields } from './work-fields';

type Props = {
  id: string | null;
  /** As what it is kept while it is typed. */
  keptAs: string;
  initial: OwnMovement;
};

/** A movement of one's own: words, work, dose, ladder and poses. What keeps it from being whole is said as one types. */
export function OwnForm({ id, keptAs, initial }: Props) {
  const router = useRouter();
  const catalogue = useCatalogue();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [opened] = useState(() => asInput(initial));
  const form = useForm<OwnMovementInput>({ defaultValues: opened });
  const unsaved = useUnsavedForm(keptAs, form, opened);
  const value = useWatch({ control: form.control }) as OwnMovementInput;
  const own = useMemo(() => completed(ownOf(value)), [value]);
  const issues = useMemo(() => issuesOf(own, catalogue), [own, catalogue]);

  const save = form.handleSubmit(async () => {
    setTrouble(null);
    if (issues[0]) {
      setTrouble(`${issues[0]}. Nothing was saved, and what you typed is still here.`);
      return;
    }
    const body = { movement: own.movement, figure: own.figure };
    const result = id
      ? await requestJson<{ id: string }>('PUT', `/api/movements/${id}`, body)
      : await requestJson<{ id: string }>('POST', '/api/movements', body);
    if (!result.ok) {
      setTrouble(result.message);
      return;
    }
    unsaved.onSaved();
    toast(`${own.movement.name} is saved`);
    router.push(`/movements/${result.value.id}`);
    router.refresh();
  });

  const setDose = (dose: Movement['dose']) =>
    form.setValue('movement.dose', dose as OwnMovementInput['movement']['dose']);
  const setPasses = (passes: readonly Pass[]) => {
    form.setValue('movement.passes', [...passes]);
    setDose({ ...own.movement.dose, passes: inDose(own.movement, passes) });
  };
  return (
    <FormProvider {...form}>
      <Form onSubmit={save} noValidate waits={!unsaved.isReady} className="grid grid-cols-1 gap-8">
        <WordFields />
        <WorkFields />
        <section aria-label="Usual dose" className="grid grid-cols-1 gap-3">
          <h2 className="text-xl">Usual dose</h2>
          <PassNames passes={own.movement.passes} onChange={setPasses} />
          <DoseFields dose={own.movement.dose} movement={own.movement} onChange={setDose} />
        </section>
        <LadderFields />
        {canMove(own) && (
          <PoseEditor
            movement={own.movement}
            figure={own.figure}
            onChange={(figure) => form.setValue('figure', figure as OwnMovementInput['figure'])}
          />
        )}
        <div className="grid grid-cols-1 gap-3" aria-live="polite">
          {issues.length > 0 && (
            <div>
              <h2 className="text-lg">Still missing</h2>
              <ul className="list-disc pl-6">
                {issues.map((issue) => (
                  <li key={issue}>{issue}</li>
                ))}
              </ul>
            </div>
          )}
        </div>
        <Trouble message={trouble} />
        <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
          <Button type="submit" look="main" disabled={form.formState.isSubmitting}>
            {form.formState.isSubmitting ? 'Saving' : 'Save'}
          </Button>
          <UnsavedLine unsaved={unsaved} />
        </div>
      </Form>
    </FormProvider>
  );
}

/** Everything wrong in sentences: what the form's schema says, then the catalogue's invariants. */
function issuesOf(own: OwnMovement, catalogue: Parameters<typeof ownIssues>[1]): readonly string[] {
  const parsed = ownMovementSchema.safeParse({ movement: own.movement, figure: own.figure });
  const first = parsed.success ? [] : parsed.error.issues.map((i) => i.message);
  return [...new Set([...first, ...ownIssues(own, catalogue)])];
}

/** A dose that cannot be counted yet cannot be shown. */
function canMove({ movement }: OwnMovement): boolean {
  return scriptOf(movement.dose, { breathMs: 5_000, slowFirst: false }).length > 0;
}

/** The usual dose takes every pass there is; a name that is still being typed goes along. */
const inDose = ({ dose, passes: before }: Movement, passes: readonly Pass[]): readonly Pass[] =>
  passes.length === before.length
    ? dose.passes.map((p) => passes[before.findIndex((b) => b.name === p.name)] ?? p)
    : passes;

const asInput = ({ movement, figure }: OwnMovement) =>
  structuredClone({ movement, figure }) as OwnMovementInput;
