'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { PAPERS } from '@/core/paper/paper-size';
import { settingsSchema, type Settings } from '@/core/settings';
import { Button } from '@/ui/button';
import { call } from '@/ui/call';
import { Field, inputClass, Trouble } from '@/ui/field';

/** The venue's own safety wording, and who signs a note. */
export function SettingsForm({ initial, zones }: { initial: Settings; zones: readonly string[] }) {
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const { register, handleSubmit, formState, watch, setValue } = useForm<Settings>({
    resolver: zodResolver(settingsSchema),
    defaultValues: initial,
  });
  const { errors, isSubmitting } = formState;
  const save = handleSubmit(async (settings) => {
    const result = await call('PUT', '/api/settings', settings);
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    toast('Settings are saved');
    router.refresh();
  });
  return (
    <form onSubmit={save} noValidate className="grid gap-5">
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
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-6 accent-ink"
          checked={watch('floorLoading') === 'on'}
          onChange={(e) => setValue('floorLoading', e.target.checked ? 'on' : 'off')}
        />
        Offer set-ups on the floor and impact; each person still needs a clinician’s clearance
      </label>
      <Trouble message={trouble} />
      <div>
        <Button type="submit" look="main" disabled={isSubmitting}>
          {isSubmitting ? 'Saving' : 'Save'}
        </Button>
      </div>
    </form>
  );
}
