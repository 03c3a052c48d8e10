import { nameList } from '../../../../words';
import { earlierRow } from '../../earlier-row';
import { baselineWords, movementPlaces, type RuleContext } from '../../finding';
import { harderThan } from '../../harder';
import type { MovementRow } from '../../../plan';
import type { PlanStep } from '../../../edit/step-schema';
import { PRACTICE, rule } from '../rule';

export const oneChange = rule({
  code: 'G1',
  severity: 'should',
  title: 'One thing changes at a time',
  reason: 'Change one thing at a time, so you can tell what made the difference.',
  source: PRACTICE,
  /** Count, hold, resistance, range, speed or position of a movement. */
  find: (context) =>
    movementPlaces(context).flatMap(({ row, movement }) => {
      const before = baselineRow(context, row);
      const [kept, ...others] = before ? harderThan(row, before, movement) : [];
      if (!kept || others.length === 0) return [];
      const changes = nameList(
        [kept, ...others].map((h) => h.words),
        5,
      );
      const { baseline } = context;
      const than = `${baseline!.isLastTaught ? '' : 'in '}${baselineWords(baseline!)}`;
      const text = `${movement.name} is harder than ${than} in ${changes}.`;
      return [{ text, rowIds: [row.id], row, kept, others }];
    }),
  mend: (_, { row, kept, others }) => ({
    label: `Keep the new ${kept.what}, put the rest back`,
    step: setRow(others.reduce((r, h) => h.putBack(r), row)),
  }),
});

/** The row that an increase is measured against; null when it is new since. */
export const baselineRow = ({ baseline, plan }: RuleContext, row: MovementRow): MovementRow | null =>
  baseline && earlierRow(baseline.plan, plan, row);

/** Dose, rung and press of a row as one step. */
export const setRow = ({ id, dose, rung, press }: MovementRow): PlanStep => ({
  type: 'several',
  steps: [
    { type: 'setDose', rowId: id, dose },
    { type: 'setRung', rowId: id, rung: rung ?? null },
    { type: 'setPress', rowId: id, press: press ?? null },
  ],
});
