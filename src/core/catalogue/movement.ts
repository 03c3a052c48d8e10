import type { Dose } from '../dose';
import type { MovementFigure } from '../hand';
import type { Prop } from './prop';
import type { Hands, Help, Position, Trait } from './features';
import type { Ladder } from './rung';

export const PURPOSES = ['glide', 'hold', 'grip', 'load', 'ease'] as const;
export type Purpose = (typeof PURPOSES)[number];

export const SECTION_KINDS = [
  'arrive',
  'wake',
  'move',
  'hold',
  'grip',
  'open',
  'load',
  'ease',
  'settle',
] as const;
export type SectionKind = (typeof SECTION_KINDS)[number];

/** What kind of work a movement asks for; cautions and sequencing rules speak of these. */
export const EFFORT_KINDS = [
  'notice',
  'breath',
  'warm',
  'active',
  'coordination',
  'stretch',
  'isometric',
  'grip',
  'pinch',
  'opening',
  'load',
  'tap',
  'massage',
] as const;
export type EffortKind = (typeof EFFORT_KINDS)[number];

export const RESISTED: ReadonlySet<EffortKind> = new Set(['isometric', 'grip', 'pinch', 'opening']);
export const GRIPPING: ReadonlySet<EffortKind> = new Set(['grip', 'pinch']);
export const GENTLE: ReadonlySet<EffortKind> = new Set([
  'notice',
  'breath',
  'warm',
  'active',
  'coordination',
  'massage',
]);

export const JOINTS = ['thumb', 'fingers', 'wrist', 'forearm', 'shoulder', 'neck', 'trunk', 'legs'] as const;
export type Joint = (typeof JOINTS)[number];

/** The set-ups that put weight through the hands, light to heavy; the weight model knows each. */
export const LOAD_SET_UPS = [
  'thighs',
  'table, seated',
  'chair arms',
  'wall',
  'worktop',
  'chair seat',
  'all fours',
  'all fours, feet back',
  'straight body',
] as const;
export type LoadSetUp = (typeof LOAD_SET_UPS)[number];

/** The two halves of a repetition: what is done, what undoes it, the share of the time the first takes, and the breath. */
export type Phases = {
  readonly work: string;
  readonly back: string;
  readonly workShare: number;
  readonly breath: 'in, then out' | 'out, then in' | 'as it comes';
};

export type Movement = {
  readonly id: string;
  readonly name: string;
  readonly what: string;
  readonly purpose: Purpose;
  /** Other purposes it serves. */
  readonly also: readonly Purpose[];
  readonly section: SectionKind;
  readonly effort: EffortKind;
  /** Usual effort on the 0-10 scale (Borg CR10). */
  readonly effortOf10: number;
  readonly joints: readonly Joint[];
  readonly traits: readonly Trait[];
  /** Where it can be done; the first is the usual one, and is seated wherever there is a seated form. */
  readonly positions: readonly Position[];
  /** What seated people do meanwhile, for a movement with no seated form. */
  readonly seatedTwin: string | null;
  /** Why it stays off the shelf of a class until somebody allows it; null for most. */
  readonly offUntil: string | null;
  readonly loadSetUp: LoadSetUp | null;
  readonly hands: Hands;
  /** Where one hand helps the other: how. */
  readonly help: Help | null;
  /** How one hand does it while the other rests; null where there is no good way. */
  readonly oneHanded: string | null;
  readonly propId: string | null;
  /** How to do it with nothing in the hands. */
  readonly noProp: string;
  /** What a whole dose must cover: 2 when the other direction, or the other lead, has to follow. */
  readonly directions: 1 | 2;
  readonly leads: 1 | 2;
  readonly dose: Dose;
  /** Shortest and longest hold, step or free time, ms; null where only the count varies. */
  readonly lengthMs: readonly [shortest: number, longest: number] | null;
  readonly phases: Phases;
  readonly rungs: Ladder;
  /** Movements it should come after, and movements that put right what it does. */
  readonly follows: readonly string[];
  readonly counters: readonly string[];
  readonly cues: readonly string[];
  readonly watch: readonly string[];
};

/** A movement on a rung of its ladder, counted from the gentlest; on its usual one where none is said. */
export type MovementOnRung = Movement & { readonly standsOn?: number };

export const positionOf = (m: Pick<Movement, 'positions'>): Position => m.positions[0]!;
export const isSeated = (m: Pick<Movement, 'positions'>): boolean =>
  m.positions.includes('chair') || m.positions.includes('table');

/** Something an instructor may look for and that this catalogue leaves out on purpose. */
export type Declined = { readonly id: string; readonly name: string; readonly why: string };

/** The catalogue as the core uses it: look-ups only, the content is handed in. */
export type Catalogue = {
  readonly movements: readonly Movement[];
  readonly props: readonly Prop[];
  readonly movement: (id: string) => Movement | undefined;
  readonly prop: (id: string) => Prop | undefined;
  readonly figure: (movementId: string) => MovementFigure | undefined;
};

export function catalogueOf(
  movements: readonly Movement[],
  props: readonly Prop[],
  figures: Readonly<Record<string, MovementFigure>>,
): Catalogue {
  const byId = new Map(movements.map((m) => [m.id, m]));
  const propById = new Map(props.map((p) => [p.id, p]));
  return {
    movements,
    props,
    movement: (id) => byId.get(id),
    prop: (id) => propById.get(id),
    figure: (id) => (Object.hasOwn(figures, id) ? figures[id] : undefined),
  };
}

/** Rows of which two never follow each other. */
export const isThumbHeavy = (m: Movement): boolean =>
  m.effort === 'pinch' || m.traits.includes('thumb in the grip');

/** Work after which a hand deserves its shake-out. */
export const needsShakeOut = (m: Movement): boolean => !GENTLE.has(m.effort);
