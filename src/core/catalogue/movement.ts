import type { Dose, DoneWith, Pass } from '../dose';
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
/** Work against resistance or body weight. */
export const isEffort = (m: Pick<Movement, 'effort'>): boolean =>
  RESISTED.has(m.effort) || m.effort === 'load';

/** A hold with effort is never longer, ms, so that breath and blood pressure stay easy. */
export const LONGEST_EFFORT_MS = 10_000;

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

/** The joints of hand and forearm. */
export const HAND_JOINTS: readonly Joint[] = ['thumb', 'fingers', 'wrist', 'forearm'];

export const usesHands = ({ joints }: { readonly joints: readonly Joint[] }): boolean =>
  HAND_JOINTS.some((j) => joints.includes(j));

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
  readonly seatedAlternative: string | null;
  /** Why it stays off the shelf of a class until somebody allows it; null for most. */
  readonly clearanceReason: string | null;
  readonly loadSetUp: LoadSetUp | null;
  readonly hands: Hands;
  /** Where one hand helps the other: how. */
  readonly help: Help | null;
  /** How one hand does it while the other rests; null where there is no good way. */
  readonly oneHanded: string | null;
  readonly propId: string | null;
  /** Props it is done with as well, in place of the usual one. */
  readonly alsoWith: readonly string[];
  /** Props that may be used beside it. */
  readonly aids: readonly string[];
  /** How to do it with nothing in the hands. */
  readonly noProp: string;
  /** The ways it can be done, by name; none where there is only one. Those of its usual dose make it whole. */
  readonly passes: readonly Pass[];
  readonly dose: Dose;
  /** Shortest and longest hold, step or free time, ms; null where only the count varies. */
  readonly lengthMs: readonly [shortest: number, longest: number] | null;
  readonly phases: Phases;
  readonly rungs: Ladder;
  /** Movements it should come after, and movements that put right what it does. */
  readonly follows: readonly string[];
  readonly counters: readonly string[];
  /** Where it should be felt, and what in daily life it is for; empty where nothing need be said. */
  readonly felt: string;
  readonly goodFor: string;
  readonly cues: readonly string[];
  readonly watch: readonly string[];
};

/** A movement on a rung of its ladder, counted from the gentlest; on its usual one where none is said. */
export type MovementOnRung = Movement & { readonly standsOn?: number };

export const positionOf = (m: Pick<Movement, 'positions'>): Position => m.positions[0]!;
export const isSeated = (m: Pick<Movement, 'positions'>): boolean =>
  m.positions.includes('chair') || m.positions.includes('table');

/** Rows of which two never follow each other. */
export const isThumbHeavy = (m: Movement): boolean =>
  m.effort === 'pinch' || m.traits.includes('thumb in the grip');

/** What follows work restfully, so that no shake-out is needed before it. */
export const isRestful = (m: Pick<Movement, 'effort' | 'traits'>): boolean =>
  m.traits.includes('loose shake') ||
  (['warm', 'breath', 'massage', 'notice'] as const).some((kind) => kind === m.effort);

/** Everything that is in the hands: the prop of a movement, and what is used beside it. */
export const propsOf = (
  m: Pick<Movement, 'propId'> & { readonly beside?: readonly string[] },
): readonly string[] => (m.propId ? [m.propId, ...(m.beside ?? [])] : (m.beside ?? []));

/** Done with arms, trunk, feet or breath, and with nothing in the hands: what can go on beside the work of the hands. */
export const canBeJoined = (m: Movement): boolean =>
  !usesHands(m) &&
  m.propId === null &&
  isSeated(m) &&
  m.effort !== 'notice' &&
  !m.traits.includes('looks at the hands');

/** What a movement is done with: feet, hands, or neither, as with the head, the trunk, the breath, looking and a reading. */
export function doneWith({ joints, effort }: Pick<Movement, 'joints' | 'effort'>): DoneWith {
  if (effort === 'breath' || effort === 'notice') return 'none';
  if (usesHands({ joints })) return 'hands';
  return joints.includes('legs') ? 'feet' : 'none';
}
