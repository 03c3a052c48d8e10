import type { Catalogue, EffortKind, Movement, SectionKind } from '../catalogue';
import { emptyPlan, type MovementRow, type Plan, type Row } from '../plan';
import { orderOfRows } from './order-of-rows';
import { AFTER_LOADING, CLOSING_MS, ENDING, WATER_MS, WELCOME_MS } from './frame';
import type { Option } from './option';

/** Where each kind of work stands in a class. */
const SECTION: Readonly<Record<EffortKind, SectionKind>> = {
  notice: 'arrive',
  breath: 'arrive',
  warm: 'wake',
  tap: 'wake',
  active: 'move',
  coordination: 'move',
  stretch: 'move',
  isometric: 'hold',
  grip: 'grip',
  pinch: 'grip',
  opening: 'open',
  load: 'load',
  massage: 'ease',
};

/** Options as a running order: sections by kind of work, each in its best order. */
export function arrange(
  chosen: readonly Option[],
  catalogue: Catalogue,
  { breathMs, wayIn }: Pick<Plan, 'breathMs' | 'wayIn'>,
): Plan {
  const plan = emptyPlan();
  const sections = plan.sections.map((section) => {
    const rows = orderOfRows(chosen.filter((o) => sectionOf(o.movement) === section.kind));
    return { ...section, rows: framed(section.kind, rows, catalogue, chosen) };
  });
  return { ...plan, breathMs, ...(wayIn && { wayIn }), sections };
}

export const sectionOf = (m: Movement): SectionKind => SECTION[m.effort];

const talk = (id: string, title: string, durationMs: number): Row => ({
  kind: 'talk',
  id,
  title,
  durationMs,
});
const pause = (id: string, what: 'hand' | 'water', durationMs: number): Row => ({
  kind: 'break',
  id,
  what,
  durationMs,
});

/** A section's rows with what belongs around them. */
function framed(
  kind: SectionKind,
  options: readonly Option[],
  catalogue: Catalogue,
  all: readonly Option[],
): Row[] {
  const rows = options.map(rowOf);
  const fixed = (ids: readonly string[], base: string): Row[] =>
    ids.flatMap((id) => {
      const movement = catalogue.movement(id);
      const taken = all.some((o) => o.movement.id === id);
      return movement && !(taken && base === 'end')
        ? [{ kind: 'movement' as const, id: `${base}-${id}`, movementId: id, dose: movement.dose, note: '' }]
        : [];
    });
  switch (kind) {
    case 'arrive':
      return [talk('welcome', 'Welcome', WELCOME_MS), ...rows];
    case 'load':
      return options.flatMap((o, i): Row[] => [rowOf(o), ...fixed(AFTER_LOADING, `after-${i}`)]);
    case 'ease':
      return [...rows, pause('water-end', 'water', WATER_MS)];
    case 'settle':
      return [...fixed(ENDING, 'end'), talk('closing', 'Closing line and goodbye', CLOSING_MS)];
    default:
      return rows;
  }
}

const rowOf = ({ movement, dose }: Option): MovementRow => ({
  kind: 'movement',
  id: `d-${movement.id}`,
  movementId: movement.id,
  dose,
  note: '',
});
