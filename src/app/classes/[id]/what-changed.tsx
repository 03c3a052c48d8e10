'use client';

import { useMemo } from 'react';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import type { Person } from '@/core/people';
import { changedRows, type Plan } from '@/core/plan';
import { asToday, type CheckIn } from '@/core/screening';
import { useCatalogue } from '@/ui/catalogue';
import { HandsMark, verdictWords } from '@/ui/verdict-signs';

type Changed = ReturnType<typeof changedRows>[number];
type Together = Pick<Changed, 'after'> & {
  readonly rowIds: readonly string[];
  readonly movementIds: readonly string[];
  readonly how: string;
};

/** Rows that change in the same way, said once. */
function together(changed: readonly Changed[]): readonly Together[] {
  const groups = new Map<string, Together>();
  for (const { rowId, movementId, after } of changed) {
    const how = [...new Set([...after.L.how, ...after.R.how])].join('; ');
    const key = `${verdictWords(after)} ${how}`;
    const known = groups.get(key) ?? { rowIds: [], movementIds: [], after, how };
    groups.set(key, {
      ...known,
      rowIds: [...known.rowIds, rowId],
      movementIds: [...new Set([...known.movementIds, movementId])],
    });
  }
  return [...groups.values()];
}

/** What an answer changes in the rows of a plan, or in those of them that are still to come. */
export function WhatChanged({
  person,
  checkIn,
  plan,
  day,
  toCome,
}: {
  person: Person;
  checkIn: CheckIn | undefined;
  plan: Plan;
  day: string;
  toCome?: ReadonlySet<string>;
}) {
  const catalogue = useCatalogue();
  const changed = useMemo(
    () =>
      changedRows(plan, person, asToday(person, checkIn), { table: CAUTIONS, catalogue, today: day }).filter(
        ({ rowId }) => !toCome || toCome.has(rowId),
      ),
    [plan, person, checkIn, catalogue, day, toCome],
  );
  return (
    <section aria-label="What this changes" aria-live="polite" className="mt-5">
      <h3 className="text-lg">
        {changed.length === 0
          ? `Nothing changes ${toCome ? 'in what is to come' : 'in the plan'}.`
          : `Changes ${changed.length === 1 ? 'one row' : `${changed.length} rows`} ${toCome ? 'to come' : 'of the plan'}`}
      </h3>
      <ul>
        {together(changed).map(({ rowIds, movementIds, after, how }) => (
          <li key={rowIds[0]} className="flex items-start gap-3 border-b py-1">
            <span className="w-8 shrink-0 pt-0.5">
              <HandsMark verdict={after} />
            </span>
            <span>
              <strong>{movementIds.map((id) => catalogue.movement(id)?.name).join(', ')}</strong>:{' '}
              {verdictWords(after)}; {how}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
