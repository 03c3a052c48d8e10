import { figureOnRung, type FigureOnRung, type MovementFigure } from '../hand';
import { remembered } from '../remember';
import type { Movement } from './movement';
import type { Prop } from './prop';
import type { Ladder } from './rung';

/** Something an instructor may look for and that this catalogue leaves out on purpose. */
export type Declined = { readonly id: string; readonly name: string; readonly why: string };

/** The catalogue as the core uses it: look-ups only, the content is handed in. */
export type Catalogue = {
  readonly movements: readonly Movement[];
  readonly props: readonly Prop[];
  readonly movement: (id: string) => Movement | undefined;
  readonly prop: (id: string) => Prop | undefined;
  /** What people call a movement besides its name; empty where it is nothing. */
  readonly alsoCalled: (movementId: string) => string;
  readonly figure: (movementId: string) => MovementFigure | undefined;
  /** A movement as it looks on one of its rungs; nothing where that looks no different, or no picture tells it. */
  readonly figureOnRung: (movementId: string, rung: Ladder[number]) => MovementFigure | undefined;
};

type ByRung = Readonly<Record<string, FigureOnRung>>;

export function catalogueOf(
  movements: readonly Movement[],
  props: readonly Prop[],
  figures: Readonly<Record<string, MovementFigure>>,
  onRungs: Readonly<Record<string, ByRung>> = {},
  called: Readonly<Record<string, string>> = {},
): Catalogue {
  const byId = new Map(movements.map((m) => [m.id, m]));
  const propById = new Map(props.map((p) => [p.id, p]));
  return {
    movements,
    props,
    movement: (id) => byId.get(id),
    prop: (id) => propById.get(id),
    alsoCalled: (id) => own(called, id) ?? '',
    figure: (id) => own(figures, id),
    figureOnRung: (id, rung) => {
      const figure = own(figures, id);
      const look = own(own(onRungs, id) ?? {}, rung.words) ?? smallerLook(rung);
      return figure && look && figureOnRung(figure, look);
    },
  };
}

const own = <T>(of: Readonly<Record<string, T>>, word: string): T | undefined =>
  Object.hasOwn(of, word) ? of[word] : undefined;

const SMALLER = new WeakMap<Ladder[number], FigureOnRung>();
/** A rung that only says how much smaller its range is. */
export const smallerLook = (rung: Ladder[number]): FigureOnRung | undefined =>
  rung.drawn === undefined ? undefined : remembered(SMALLER, rung, () => ({ range: rung.drawn! }));
