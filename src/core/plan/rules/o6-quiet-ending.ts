import { nameList } from '../../words';
import type { Movement } from '../../catalogue/movement';
import {
  finding,
  movementPlaces,
  newMovementRow,
  pickMovement,
  rowStep,
  type SequencingRule,
} from '../finding';

const PARTS: readonly { name: string; is: (m: Movement) => boolean }[] = [
  { name: 'easing', is: (m) => m.effort === 'massage' },
  { name: 'a quiet breath', is: (m) => m.effort === 'breath' },
  { name: 'a second look at the hands', is: (m) => m.traits.includes('looks at the hands') },
];

/** O6 The class ends with easing, breath and a second look at the hands. */
export const quietEnding: SequencingRule = (context) => {
  const places = movementPlaces(context);
  if (places.length === 0) return [];
  const ending = context.plan.sections.findLast((s) => s.kind === 'settle');
  const closing = places.filter((p) => p.place.section.kind === 'settle' || p.place.section.kind === 'ease');
  const missing = PARTS.filter((part) => !closing.some((p) => part.is(p.movement)));
  const last = places.at(-1)!;
  const endsQuietly = PARTS.some((part) => part.is(last.movement));
  if (missing.length === 0 && endsQuietly) return [];
  if (missing.length === 0)
    return [
      finding('O6', 'must', `The class ends on ${last.movement.name.toLowerCase()}.`, REASON, {
        rowIds: [last.row.id],
      }),
    ];
  const add = missing.flatMap((part) => pickMovement(context.catalogue, part.is) ?? []);
  return [
    finding('O6', 'must', `The ending lacks ${nameList(missing.map((m) => m.name))}.`, REASON, {
      mend: ending
        ? {
            label: `Add ${add.map((m) => m.name.toLowerCase()).join(', ')}`,
            step: {
              type: 'several',
              steps: add.map((m, i) =>
                rowStep(ending.id, newMovementRow(context.plan, m, 'end'), ending.rows.length + i),
              ),
            },
          }
        : null,
    }),
  ];
};

const REASON = 'Easing, breath and a second look let people leave calm and notice what changed.';
