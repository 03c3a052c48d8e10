import { HAND_JOINTS, RESISTED, type Joint } from '../../../../catalogue';
import { movementPlaces, type MovementPlace, type RuleContext } from '../../finding';
import { insertBeside, newMovementRow, pickMovement } from '../../../edit/new-rows';
import { PRACTICE, rule } from '../rule';

export const activeBeforeStretch = rule({
  code: 'O2',
  severity: 'must',
  title: 'Each joint: gentle movement, then stretch, then resisted work',
  reason: 'A joint moves by itself before it is stretched, and is stretched before it is resisted.',
  source: PRACTICE,
  find: (context) => HAND_JOINTS.flatMap((joint) => wrongOrder(context, joint)),
  mend: ({ plan, catalogue }, { joint, work, comesFirst }) => {
    const { section, index } = work.place;
    if (comesFirst)
      return {
        label: `Move ${comesFirst.movement.name.toLowerCase()} before it`,
        step: { type: 'moveRow', rowId: comesFirst.row.id, sectionId: section.id, index },
      };
    const gentle = pickMovement(catalogue, (m) => m.effort === 'active' && m.joints.includes(joint));
    return (
      gentle && {
        label: `Put ${gentle.name.toLowerCase()} before it`,
        step: insertBeside(plan, work.row.id, 'before', [newMovementRow(plan, gentle, 'before')]),
      }
    );
  },
});

type WrongOrder = {
  readonly text: string;
  readonly rowIds: readonly string[];
  readonly joint: Joint;
  readonly work: MovementPlace;
  /** What is in the plan, but later; none where nothing of the kind is. */
  readonly comesFirst: MovementPlace | undefined;
};

const isActive = ({ movement: m }: MovementPlace) => m.effort === 'active' || m.effort === 'coordination';
const isResisted = ({ movement: m }: MovementPlace) => RESISTED.has(m.effort);
/** A stretch that eases the hands afterwards does not have to prepare them. */
const isPreparingStretch = ({ movement: m, place: { section } }: MovementPlace) =>
  m.effort === 'stretch' &&
  !m.traits.includes('backs of the hands stretched') &&
  section.kind !== 'ease' &&
  section.kind !== 'settle';

function wrongOrder(context: RuleContext, joint: Joint): readonly WrongOrder[] {
  const places = movementPlaces(context).filter((p) => p.movement.joints.includes(joint));
  const [active, stretch, resisted] = [
    places.find(isActive),
    places.find(isPreparingStretch),
    places.find(isResisted),
  ];
  const work = [stretch, resisted].filter((p) => p !== undefined).sort((a, b) => a.order - b.order)[0];
  if (work && (!active || active.order > work.order)) {
    const text = `${work.movement.name} works the ${joint} before it has moved gently.`;
    return [{ text, rowIds: [work.row.id], joint, work, comesFirst: active }];
  }
  if (!stretch || !resisted || stretch.order < resisted.order) return [];
  const text = `${resisted.movement.name} comes before the ${joint} stretch.`;
  return [{ text, rowIds: [resisted.row.id, stretch.row.id], joint, work: resisted, comesFirst: stretch }];
}
