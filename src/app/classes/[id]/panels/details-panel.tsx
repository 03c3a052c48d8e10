'use client';

import { useRouter } from 'next/navigation';
import { toast } from 'sonner';
import type { Sharing } from '@/server/instructors/instructors';
import type { ClassInfo } from '@/store/classes';
import { requestJson } from '@/ui/request-json';
import { ClassForm } from '../../class-form';
import { NumberField } from '@/ui/form/dose/number-field';
import { SharingPanel } from '@/ui/page/sharing-panel';
import type { PlanEditor } from '../use-plan';

type Props = { info: ClassInfo; sharing: Sharing | null; editor: PlanEditor };

/** When and where, how long a breath is, and who else sees it. */
export function DetailsPanel({ info, sharing, editor }: Props) {
  const router = useRouter();
  const { name, place, day, startsAt, slotMinutes } = info;
  return (
    <section aria-label="Details" className="mt-3 grid gap-5">
      <NumberField
        label="A breath, seconds"
        value={editor.plan.breathMs / 1000}
        min={3}
        max={12}
        step={0.5}
        whole={false}
        onChange={(s) =>
          editor.edit({ type: 'setBreath', breathMs: Math.round(s * 1000) }, 'Length of a breath')
        }
      />
      <ClassForm
        initial={{ name, place, day, startsAt, slotMinutes }}
        saveLabel="Save the details"
        onSave={async (fields) => {
          const result = await requestJson('PUT', `/api/classes/${info.id}`, fields);
          if (result.ok) {
            toast('The details are saved');
            router.refresh();
          }
          return result;
        }}
      />
      {sharing && (
        <SharingPanel
          url={`/api/classes/${info.id}/shared`}
          what={`the classes of ${name} and the people in them`}
          {...sharing}
        />
      )}
    </section>
  );
}
