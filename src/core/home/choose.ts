import { propsOf, RESISTED, type Catalogue, type Joint, type Movement } from '../catalogue';
import type { Person } from '../people';
import { movementOfRow, movementRows, type MovementRow, type Plan } from '../plan';
import { familyOf } from '../progress';
import { verdictFor, type ScreeningContext } from '../screening';
import type { RowMovement } from '../stance';
import type { Mark } from '../teach';

export const [MIN_ITEMS, MAX_ITEMS] = [3, 5];

/** Something of the class that one person can do alone at home. */
type HomeItem = {
  readonly row: MovementRow;
  readonly movement: Movement;
  readonly propId: string | null;
};

export type HomeChoice = {
  /** Everything that would do, as it came in class. */
  readonly fit: readonly HomeItem[];
  /** Ids of the rows proposed, three to five of them. */
  readonly proposed: readonly string[];
  /** Why there are fewer than three, where there are. */
  readonly why: string | null;
};

type Given = {
  /** What was counted in the class. */
  readonly done: Plan;
  readonly marks: readonly Mark[];
  readonly catalogue: Catalogue;
  readonly screening: ScreeningContext;
};

/** Marks after which something is not sent home. */
const NOT_HOME: ReadonlySet<Mark['mark']> = new Set(['sore', 'stopped', 'skipped', 'form']);
const MAX_EFFORT = 4;

/**
 * Three to five things of the class just taught that this person can do alone: nothing held against them in either hand, no
 * helper, no more than moderate effort, nothing with weight on the hands, no prop they do not have, and nothing that went badly today.
 */
export function homeChoice(person: Person, { done, marks, catalogue, screening }: Given): HomeChoice {
  if (person.assistance >= 2)
    return {
      fit: [],
      proposed: [],
      why: 'needs help with placing the hands, so nothing is sent home to do alone',
    };
  if (!person.screened)
    return { fit: [], proposed: [], why: 'the screening questions are open, so nothing is sent home yet' };
  const badly = new Set(
    marks.filter((m) => m.personId === person.id && NOT_HOME.has(m.mark)).map((m) => m.rowId),
  );
  const seen = new Set<string>();
  const fit = movementRows(done).flatMap((row): HomeItem[] => {
    const movement = movementOfRow(row, catalogue);
    if (!movement || badly.has(row.id) || seen.has(movement.id)) return [];
    if (!isForHome(movement, person)) return [];
    if (verdictFor(person, movement, row.dose, screening).worst !== 'do') return [];
    seen.add(movement.id);
    return [{ row, movement, propId: movement.propId }];
  });
  return {
    fit,
    proposed: proposedFrom(fit).map((i) => i.row.id),
    why: fit.length < MIN_ITEMS ? 'little of the class can be done alone as it was shown' : null,
  };
}

const isForHome = (m: RowMovement, person: Person): boolean =>
  m.effort !== 'load' &&
  m.effort !== 'notice' &&
  m.clearanceReason === null &&
  m.effortOf10 <= MAX_EFFORT &&
  (m.positions[0] === 'chair' || m.positions[0] === 'table') &&
  propsOf(m).every((id) => (person.propsHome ?? []).includes(id));

/** Little and often is mostly moving: three that move what the others do not, then one that eases and one that works. */
function proposedFrom(fit: readonly HomeItem[]): readonly HomeItem[] {
  const of = (kind: HomeKind) => fit.filter((i) => kindOf(i.movement) === kind);
  const moving = widest(of('moving'), MAX_MOVING);
  const rest = [...of('easing').slice(0, 1), ...of('working').slice(0, 1)];
  const kept = [...moving, ...rest];
  const more = fit.filter((i) => !kept.includes(i)).slice(0, Math.max(0, MIN_ITEMS - kept.length));
  const taken = new Set([...kept, ...more]);
  return fit.filter((i) => taken.has(i));
}

const MAX_MOVING = 3;

/** One after another the item that moves most joints that are not moved yet; the earlier in class where they are even. */
function widest(items: readonly HomeItem[], most: number): readonly HomeItem[] {
  const taken: HomeItem[] = [];
  const moved = new Set<Joint>();
  while (taken.length < Math.min(most, items.length)) {
    const fresh = ({ movement }: HomeItem) => movement.joints.filter((j) => !moved.has(j)).length;
    const next = items
      .filter((i) => !taken.includes(i))
      .reduce((best, i) => (fresh(i) > fresh(best) ? i : best));
    next.movement.joints.forEach((j) => moved.add(j));
    taken.push(next);
  }
  return taken;
}

type HomeKind = 'moving' | 'easing' | 'working' | 'settling';

function kindOf(m: Movement): HomeKind {
  if (RESISTED.has(m.effort)) return 'working';
  if (m.effort === 'stretch' || m.effort === 'massage') return 'easing';
  return familyOf(m) === 'mobility' ? 'moving' : 'settling';
}

/** Resisted work needs a day between; the rest may be done every day. */
export const needsDayBetween = (m: Pick<Movement, 'effort'>): boolean =>
  RESISTED.has(m.effort) || m.effort === 'load';
