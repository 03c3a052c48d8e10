'use client';

import { useMemo, useState } from 'react';
import {
  movedByRows,
  movementOfRow,
  placedRows,
  usualMoves,
  workedByRows,
  type MappedRow,
  type Plan,
  type RuleContext,
  type SpotValues,
} from '@/core/plan';
import { HandMap } from '@/ui/hand/hand-map';
import { Gaps } from './gaps';
import type { PlanEditor } from '../use-plan';
import { WorkedOut } from '@/ui/page/worked-out';

const MEASURES = {
  moved: {
    words: 'moved',
    unit: 'Degrees travelled in the whole class',
    none: 'No joint of the hand is moved.',
    label: 'How far each joint travels in this class; the table has the numbers',
  },
  lately: {
    words: 'moved lately',
    unit: 'Degrees travelled in a class of the last four weeks, on average',
    none: 'No class of this series was taught in the last four weeks.',
    label: 'How far each joint travelled in a class of late; the table has the numbers',
  },
  worked: {
    words: 'made to work',
    unit: 'Effort of ten x seconds, resisted and loading rows only',
    none: 'No row here makes the hands work.',
    label: 'How hard each joint is made to work in this class; the table has the numbers',
  },
} as const;

const NOTHING: SpotValues = { L: {}, R: {} };

type Props = { editor: PlanEditor; context: RuleContext; recent: readonly Plan[] };

/** What the whole plan moves, or makes work, joint by joint, and what it leaves out against the weeks before. */
export function HandMapPanel({ editor, context, recent }: Props) {
  const { plan } = editor;
  const { catalogue } = context;
  const [measure, setMeasure] = useState<keyof typeof MEASURES>('moved');
  const rows = useMemo(
    () =>
      placedRows(plan).flatMap(({ row }): MappedRow[] => {
        const movement = row.kind === 'movement' ? movementOfRow(row, catalogue) : undefined;
        return movement && row.kind === 'movement'
          ? [{ movement, figure: catalogue.figure(movement.id), dose: row.dose }]
          : [];
      }),
    [plan, catalogue],
  );
  const values = useMemo(() => {
    if (measure === 'lately') return usualMoves(recent, catalogue) ?? NOTHING;
    return measure === 'moved' ? movedByRows(rows) : workedByRows(rows);
  }, [rows, recent, catalogue, measure]);
  const { unit, label, none } = MEASURES[measure];
  return (
    <section aria-label="Hand map" className="mt-3">
      <fieldset className="mb-3 flex flex-wrap gap-5">
        <legend className="sr-only">Fill by</legend>
        {Object.entries(MEASURES).map(([id, { words }]) => (
          <label key={id} className="flex min-h-11 items-center gap-2">
            <input
              type="radio"
              name="measure"
              className="size-5 accent-ink"
              checked={measure === id}
              onChange={() => setMeasure(id as keyof typeof MEASURES)}
            />
            {words}
          </label>
        ))}
      </fieldset>
      <HandMap values={values} unit={unit} label={label} none={none} />
      <p className="text-sm text-soft">
        Degrees are the drawing’s; a real hand may differ by a fifth. <WorkedOut id="hand" />
      </p>
      <Gaps editor={editor} context={context} recent={recent} />
    </section>
  );
}
