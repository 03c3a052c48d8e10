import { groupBy } from '../group';
import type { HandVerdict } from '../screening/verdict';
import type { Prop } from '../catalogue/prop';
import { movementPlaces, type RuleContext } from './finding';

export type KitLine = {
  readonly prop: Prop;
  /** The most that are in hands at one time, the instructor's own included. */
  readonly needed: number;
  readonly inBag: number;
  readonly short: number;
  readonly rowIds: readonly string[];
};

/** What a class needs in the bag: each prop with the most people who hold it at once, and one to show with. */
export function kitFor(context: RuleContext): readonly KitLine[] {
  const byProp = groupBy(
    movementPlaces(context).filter((p) => p.movement.propId !== null),
    (p) => p.movement.propId!,
  );
  return [...byProp].flatMap(([propId, places]) => {
    const prop = context.catalogue.prop(propId);
    if (!prop) return [];
    const holding = places.map(
      (p) =>
        context.people.filter((person) => {
          const verdict = context.verdictOf(p.row.id, person.id);
          const holds = (hand?: HandVerdict) =>
            hand?.kind === 'do' || (hand?.kind === 'adapt' && !hand.adaptation.props.includes('none'));
          return holds(verdict?.L) || holds(verdict?.R);
        }).length,
    );
    const needed = Math.max(...holding) + 1;
    const inBag = context.bag[propId] ?? 0;
    return [{ prop, needed, inBag, short: Math.max(0, needed - inBag), rowIds: places.map((p) => p.row.id) }];
  });
}
