import type { Dose } from '../dose/dose';

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

export const JOINTS = ['thumb', 'fingers', 'wrist', 'forearm', 'shoulder', 'trunk'] as const;
export type Joint = (typeof JOINTS)[number];

/** Features that a caution can speak of, so that new movements are judged without being named. */
export const TRAITS = [
  'long tight pinch',
  'side pinch',
  'twisting against force',
  'little-finger drift',
  'knuckle taps',
  'weight on folded fingers',
  'wrist folded at its end',
  'weight on the heel of the hand',
  'firm squeeze',
  'passive',
  'rubbing',
  'tight loops',
  'interlaced',
  'arms above chest',
  'trunk bend',
  'breath held easily',
  'long sequence',
  'thumb in the grip',
  'fingers drawn straight',
  'opens the hand',
  'backs of the hands stretched',
  'loose shake',
  'looks at the hands',
  'impact',
] as const;
export type Trait = (typeof TRAITS)[number];

export type Movement = {
  readonly id: string;
  readonly name: string;
  readonly what: string;
  readonly purpose: Purpose;
  readonly section: SectionKind;
  readonly effort: EffortKind;
  /** Usual effort on the 0-10 scale (Borg CR10). */
  readonly effortOf10: number;
  readonly joints: readonly Joint[];
  readonly traits: readonly Trait[];
  readonly position: 'chair' | 'table' | 'standing';
  readonly propId: string | null;
  /** How to do it with nothing in the hands. */
  readonly noProp: string;
  /** What a whole dose must cover: 2 when the other direction, or the other lead, has to follow. */
  readonly directions: 1 | 2;
  readonly leads: 1 | 2;
  readonly dose: Dose;
  readonly easier: string;
  readonly stronger: string;
  readonly cues: readonly string[];
  readonly watch: readonly string[];
};

export type Prop = {
  readonly id: string;
  readonly name: string;
  readonly plural: string;
  readonly substitute: string;
  readonly latex: boolean;
  readonly squareEdged: boolean;
};

/** The catalogue as the core uses it: look-ups only, the content is handed in. */
export type Catalogue = {
  readonly movements: readonly Movement[];
  readonly props: readonly Prop[];
  readonly movement: (id: string) => Movement | undefined;
  readonly prop: (id: string) => Prop | undefined;
};

export function catalogueOf(movements: readonly Movement[], props: readonly Prop[]): Catalogue {
  const byId = new Map(movements.map((m) => [m.id, m]));
  const propById = new Map(props.map((p) => [p.id, p]));
  return { movements, props, movement: (id) => byId.get(id), prop: (id) => propById.get(id) };
}

/** Work after which a hand deserves its shake-out. */
export const needsShakeOut = (m: Movement): boolean => !GENTLE.has(m.effort);
