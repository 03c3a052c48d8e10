'use client';

import { useRouter } from 'next/navigation';
import { toast } from 'sonner';
import type { Sharing } from '@/server/instructors/instructors';
import type { ClassInfo } from '@/store/classes';
import { requestJson } from '@/ui/request-json';
import { ClassForm } from '../../class-form';
import { remindersSchema } from '@/core/plan';
import { NumberField } from '@/ui/form/dose/number-field';
import { TextCommit } from '@/ui/form/dose/text-commit';
import { SharingPanel } from '@/ui/page/sharing-panel';
import type { PlanEditor } from '../use-plan';
import { TakeAway } from './take-away';

const linesOf = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);

const remindersProblem = (lines: readonly string[]): string | undefined =>
  lines.length === 0 ? undefined : remindersSchema.safeParse(lines).error?.issues[0]?.message;

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
      <TextCommit
        label="Reminders, one on a line"
        hint="Said in turn as a row begins, some minutes apart: tall, shoulders low, jaw easy"
        most={380}
        lines={3}
        value={(editor.plan.reminders ?? []).join('\n')}
        problem={(text) => remindersProblem(linesOf(text))}
        onChange={(text) => {
          const lines = linesOf(text);
          editor.edit(
            { type: 'setReminders', reminders: lines.length > 0 ? lines : null },
            'Reminders of the class',
          );
        }}
      />
      <ClassForm
        keptAs={`class.${info.id}`}
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
      {(sharing === null || sharing.mine) && <TakeAway info={info} />}
    </section>
  );
}
