import type { Catalogue } from '@/core/catalogue/movement';
import { doseWords } from '@/core/dose/describe';
import { movementOfRow } from '@/core/plan/at-rung';
import { movementRows } from '@/core/plan/last-row';
import type { Plan } from '@/core/plan/plan';
import { MovementPicture } from '@/ui/movement-picture';

/** For the group to take along or to have on the wall: each movement drawn, large, with its count; nobody is named. */
export function GroupSheet({ plan, catalogue }: { plan: Plan; catalogue: Catalogue }) {
  return (
    <ol className="grid gap-x-8 sm:grid-cols-2 print:grid-cols-2">
      {movementRows(plan).map((row) => {
        const movement = movementOfRow(row, catalogue);
        const figure = movement && catalogue.figure(movement.id);
        if (!movement || !figure) return null;
        return (
          <li key={row.id} className="flex break-inside-avoid items-center gap-4 border-b py-3">
            <span className="w-28 shrink-0">
              <MovementPicture figure={figure} height={96} />
            </span>
            <span>
              <strong className="block text-[1.45rem] leading-tight">{movement.name}</strong>
              <span className="text-[1.25rem]">{doseWords(row.dose)}</span>
            </span>
          </li>
        );
      })}
    </ol>
  );
}
