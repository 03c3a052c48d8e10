import { RESISTED, type Joint } from '../../catalogue/movement';
import {
  finding,
  insertBeside,
  movementPlaces,
  newMovementRow,
  pickMovement,
  type Finding,
  type MovementPlace,
  type RuleContext,
  type SequencingRule,
} from '../finding';

const HAND_JOINTS: readonly Joint[] = ['thumb', 'fingers', 'wrist', 'forearm'];
const isActive = ({ movement: m }: MovementPlace) => m.effort === 'active' || m.effort === 'coordination';
const isStretch = ({ movement: m }: MovementPlace) =>
  m.effort === 'stretch' && !m.traits.includes('backs of the hands stretched');
const isResisted = ({ movement: m }: MovementPlace) => RESISTED.has(m.effort);

/** O2 Gentle active movement of a joint, then passive stretch of it, then resisted work on it. */
export const activeBeforeStretch: SequencingRule = (context) =>
  HAND_JOINTS.flatMap((joint) => forJoint(context, joint));

function forJoint(context: RuleContext, joint: Joint): readonly Finding[] {
  const places = movementPlaces(context).filter((p) => p.movement.joints.includes(joint));
  const active = places.find(isActive);
  // A stretch that eases the hands afterwards does not have to prepare them.
  const stretch = places.find(
    (p) => isStretch(p) && p.place.section.kind !== 'ease' && p.place.section.kind !== 'settle',
  );
  const resisted = places.find(isResisted);
  const first = [stretch, resisted].filter((p) => p !== undefined).sort((a, b) => a.order - b.order)[0];
  if (first && (!active || active.order > first.order)) return [needsActive(context, joint, first, active)];
  if (stretch && resisted && stretch.order > resisted.order) return [stretchFirst(joint, stretch, resisted)];
  return [];
}

function needsActive(
  context: RuleContext,
  joint: Joint,
  work: MovementPlace,
  later: MovementPlace | undefined,
): Finding {
  const { place } = work;
  const gentle =
    later?.movement ??
    pickMovement(context.catalogue, (m) => m.effort === 'active' && m.joints.includes(joint));
  const step = later
    ? ({ type: 'moveRow', rowId: later.row.id, sectionId: place.section.id, index: place.index } as const)
    : gentle &&
      insertBeside(context.plan, work.row.id, 'before', [newMovementRow(context.plan, gentle, 'before')]);
  return finding(
    'O2',
    'must',
    `${work.movement.name} works the ${joint} before it has moved gently.`,
    'A joint moves by itself before it is stretched or resisted.',
    {
      rowIds: [work.row.id],
      mend:
        gentle && step
          ? { label: `${later ? 'Move' : 'Put'} ${gentle.name.toLowerCase()} before it`, step }
          : null,
    },
  );
}

function stretchFirst(joint: Joint, stretch: MovementPlace, resisted: MovementPlace): Finding {
  const { section, index } = resisted.place;
  return finding(
    'O2',
    'must',
    `${resisted.movement.name} comes before the ${joint} stretch.`,
    'Passive stretch of a joint comes before resisted work on it.',
    {
      rowIds: [resisted.row.id, stretch.row.id],
      mend: {
        label: `Move ${stretch.movement.name.toLowerCase()} before it`,
        step: { type: 'moveRow', rowId: stretch.row.id, sectionId: section.id, index },
      },
    },
  );
}
