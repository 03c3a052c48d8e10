'use client';

import { Form } from '@/ui/form/form';
import { zodResolver } from '@hookform/resolvers/zod';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { PAPERS } from '@/core/paper';
import { WAYS_IN } from '@/core/plan';
import { LENGTH_UNITS, MASS_UNITS } from '@/core/units';
import { capital } from '@/core/words';
import { settingsSchema, type Settings } from '@/core/venue';
import { Button } from '@/ui/form/button';
import type { Failure } from '@/core/result';
import { requestJson } from '@/ui/request-json';
import { ChangedElsewhere } from '@/ui/page/changed-elsewhere';
import { Field, inputClass } from '@/ui/form/field';
import { UnsavedLine } from '@/ui/form/unsaved-line';
import { useUnsavedForm } from '@/ui/form/use-unsaved-form';

const UNIT_WORDS = {
  kg: 'Kilograms, kg',
  lb: 'Pounds, lb',
  cm: 'Centimetres, cm',
  in: 'Inches, in',
} as const;

/** What was saved, with what others changed meanwhile. */
type Saved = { readonly saved: Settings; readonly beside?: string };

/** The venue's own safety wording, and who signs a note. */
export function SettingsForm({ initial, zones }: { initial: Settings; zones: readonly string[] }) {
  const router = useRouter();
  const [trouble, setTrouble] = useState<Failure | null>(null);
  const [opened, setOpened] = useState(initial);
  const form = useForm<Settings>({ resolver: zodResolver(settingsSchema), defaultValues: initial });
  const unsaved = useUnsavedForm('settings.all', form, opened, { onOpened: setOpened });
  const { register, handleSubmit, formState, watch, setValue, reset } = form;
  const { errors, isSubmitting } = formState;
  /** `over`: mine wins where somebody else changed the same meanwhile. */
  const saveOver = (over: boolean) =>
    handleSubmit(async (settings) => {
      const body = { ...settings, before: opened, over };
      const result = await requestJson<Saved>('PUT', '/api/settings', body);
      setTrouble(result.ok ? null : result);
      if (!result.ok) return;
      unsaved.onSaved();
      const { saved, beside } = result.value;
      toast('Settings are saved', beside ? { description: beside, duration: 10_000 } : {});
      setOpened(saved);
      reset(saved);
      router.refresh();
    });
  return (
    <Form onSubmit={saveOver(false)} noValidate waits={!unsaved.isReady} className="grid gap-5">
      <Field
        label="The venue’s safety wording"
        hint="First-aid rules, the number to call, where kit, phone and exits are. Shown under “Stop and get help”."
        error={errors.venueSafety?.message}
      >
        {(field) => <textarea {...field} rows={5} className={inputClass} {...register('venueSafety')} />}
      </Field>
      <Field
        label="Signed under a note"
        hint="Your name and how to reach you, for notes that people take along"
        error={errors.noteFrom?.message}
      >
        {(field) => <textarea {...field} rows={2} className={inputClass} {...register('noteFrom')} />}
      </Field>
      <Field
        label="Time zone of the classes"
        hint="For calendars; changes of the clock are taken care of"
        error={errors.timeZone?.message}
        className="max-w-md"
      >
        {(field) => (
          <select {...field} className={inputClass} {...register('timeZone')}>
            <option value="">That of this computer</option>
            {zones.map((zone) => (
              <option key={zone}>{zone}</option>
            ))}
          </select>
        )}
      </Field>
      <Field
        label="Paper"
        hint="What PDF files are made for"
        error={errors.paper?.message}
        className="max-w-md"
      >
        {(field) => (
          <select {...field} className={inputClass} {...register('paper')}>
            {PAPERS.map((paper) => (
              <option key={paper}>{paper}</option>
            ))}
          </select>
        )}
      </Field>
      <div className="flex flex-wrap gap-5">
        {(
          [
            ['wayInNew', 'How you lead into a new movement'],
            ['wayInKnown', 'And into one the group knows'],
          ] as const
        ).map(([name, label]) => (
          <Field key={name} label={label} error={errors[name]?.message} className="w-80 max-w-full">
            {(field) => (
              <select {...field} className={inputClass} {...register(name)}>
                {WAYS_IN.map(([way, ms]) => (
                  <option key={ms} value={String(ms)}>
                    {capital(way)}, {ms / 1000} s
                  </option>
                ))}
              </select>
            )}
          </Field>
        ))}
      </div>
      <div className="flex flex-wrap gap-5">
        {(
          [
            ['massUnit', 'Weights in', MASS_UNITS],
            ['lengthUnit', 'Lengths in', LENGTH_UNITS],
          ] as const
        ).map(([name, label, units]) => (
          <Field key={name} label={label} error={errors[name]?.message} className="w-80 max-w-full">
            {(field) => (
              <select {...field} className={inputClass} {...register(name)}>
                {units.map((unit) => (
                  <option key={unit} value={unit}>
                    {UNIT_WORDS[unit]}
                  </option>
                ))}
              </select>
            )}
          </Field>
        ))}
      </div>
      <p className="-mt-3 text-sm text-soft">
        For what you read and type. Files, and what is worked out, stay in kg and cm.
      </p>
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-6 accent-ink"
          checked={watch('floorLoading') === 'on'}
          onChange={(e) => setValue('floorLoading', e.target.checked ? 'on' : 'off')}
        />
        Offer set-ups on the floor and impact; each person still needs a clinician’s clearance
      </label>
      <ChangedElsewhere
        trouble={trouble}
        href="/settings"
        see="See them as they are now"
        onOver={() => void saveOver(true)()}
        busy={isSubmitting}
      />
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <Button type="submit" look="main" disabled={isSubmitting}>
          {isSubmitting ? 'Saving' : 'Save'}
        </Button>
        <UnsavedLine unsaved={unsaved} />
      </div>
    </Form>
  );
}
