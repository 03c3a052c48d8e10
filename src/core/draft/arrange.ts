import type { EffortKind, Movement, SectionKind } from '../catalogue/movement';
import { GRIPPING, positionOf } from '../catalogue/movement';
import type { Catalogue } from '../catalogue/movement';
import { emptyPlan, type MovementRow, type Plan, type Row } from '../plan/plan';
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
const STAGE: Partial<Record<EffortKind, number>> = { active: 0, coordination: 1, stretch: 2, tap: 1 };

/** Options as a running order: sections by kind of work, then props and places together, simple before split, light before heavy. */
export function arrange(chosen: readonly Option[], catalogue: Catalogue, breathMs: number): Plan {
  const plan = emptyPlan();
  const sections = plan.sections.map((section) => {
    const rows = inOrder(chosen.filter((o) => sectionOf(o.movement) === section.kind));
    return { ...section, rows: framed(section.kind, rows, catalogue, chosen) };
  });
  return { ...plan, breathMs, sections };
}

const sectionOf = (m: Movement): SectionKind => SECTION[m.effort];

function inOrder(options: readonly Option[]): readonly Option[] {
  const key = ({ movement: m }: Option): readonly (number | string)[] => [
    STAGE[m.effort] ?? 0,
    positionOf(m) === 'table' ? 0 : 1,
    GRIPPING.has(m.effort) ? m.effortOf10 : 0,
    m.propId ?? '',
    m.effortOf10,
    m.id,
  ];
  return [...options].sort((a, b) => compare(key(a), key(b)));
}

function compare(a: readonly (number | string)[], b: readonly (number | string)[]): number {
  for (let i = 0; i < a.length; i++) {
    const [x, y] = [a[i]!, b[i]!];
    if (x < y) return -1;
    if (x > y) return 1;
  }
  return 0;
}

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
