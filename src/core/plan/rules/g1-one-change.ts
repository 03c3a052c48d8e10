import { nameList } from '../../words';
import { finding, movementPlaces, type RuleContext, type SequencingRule } from '../finding';
import { harderThan } from '../harder';
import { earlierRow } from '../last-row';
import type { MovementRow } from '../plan';
import type { PlanStep } from '../step';

/** G1 One thing changes at a time per movement from last week: count, hold, resistance, range, speed or position. */
export const oneChange: SequencingRule = (context) =>
  movementPlaces(context).flatMap(({ row, movement }) => {
    const before = lastRow(context, row);
    const [kept, ...others] = before ? harderThan(row, before, movement) : [];
    if (!kept || others.length === 0) return [];
    const back = others.reduce((r, h) => h.putBack(r), row);
    return [
      finding(
        'G1',
        'should',
        `${movement.name} is harder than last time in ${nameList(
          [kept, ...others].map((h) => h.words),
          5,
        )}.`,
        'One thing changes at a time, so that what went well or badly can be told.',
        {
          rowIds: [row.id],
          mend: { label: `Keep the new ${kept.what}, put the rest back`, step: setRow(back) },
        },
      ),
    ];
  });

export const lastRow = ({ last, plan }: RuleContext, row: MovementRow): MovementRow | null =>
  last && earlierRow(last, plan, row);

/** Dose, rung and press of a row as one step. */
export const setRow = ({ id, dose, rung, press }: MovementRow): PlanStep => ({
  type: 'several',
  steps: [
    { type: 'setDose', rowId: id, dose },
    { type: 'setRung', rowId: id, rung: rung ?? null },
    { type: 'setPress', rowId: id, press: press ?? null },
  ],
});
