import { z } from 'zod';
import { MOVEMENT_NAMES, withFieldNames } from '../field-names';
import type { Immutable } from '../frozen';
import { memo, oneOfEqual } from '../remember';
import { doseSchema, MAX_PASSES, passSchema, UNDOING } from '../dose';
import { figureIssues, figureOnRung, figureSchema, type MovementFigure } from '../hand';
import { movementIssues } from './invariants';
import { HANDS, HELPS, POSITIONS, TRAITS } from './features';
import { EFFORT_KINDS, JOINTS, LOAD_SET_UPS, PURPOSES, SECTION_KINDS, type Movement } from './movement';
import { smallerLook, type Catalogue } from './catalogue';
import { RUNG_CHANGES } from './rung';

const words = (max: number, what: string) =>
  z.string().trim().max(max, `${what} can be at most ${max} letters long`);
/** No movement takes longer than an hour, ms. */
const lengthMs = z.number().int().min(0).max(3_600_000);
const ids = z.array(z.string().min(1).max(60)).max(10);
const lines = (most: number, what: string) =>
  z.array(words(160, what).min(1, `${what} cannot be empty`)).max(most);

/** A movement as it is stored and sent; the invariants of the catalogue say whether it is whole. */
const passedMovementSchema = z.strictObject({
  id: z.string().regex(/^own-[0-9a-f-]{36}$/, 'That is not an own movement'),
  name: words(60, 'The name').min(1, 'Give it a name'),
  what: words(400, 'What is done').min(1, 'Say what is done'),
  purpose: z.enum(PURPOSES),
  also: z.array(z.enum(PURPOSES)).max(4),
  section: z.enum(SECTION_KINDS),
  effort: z.enum(EFFORT_KINDS),
  effortOf10: z
    .number()
    .int('Effort is a whole number')
    .min(0, 'Effort is 0 to 10')
    .max(10, 'Effort is 0 to 10'),
  joints: z.array(z.enum(JOINTS)).min(1, 'Choose at least one joint that it moves'),
  traits: z.array(z.enum(TRAITS)),
  positions: z.array(z.enum(POSITIONS)).min(1, 'Choose at least one position'),
  seatedAlternative: z.string().max(60).nullable(),
  clearanceReason: words(200, 'The reason').nullable(),
  loadSetUp: z.enum(LOAD_SET_UPS).nullable(),
  // What an older file does not say is judged at its strictest: both hands are needed.
  hands: z.enum(HANDS).default('joined'),
  help: z.enum(HELPS).nullable().default(null),
  oneHanded: words(120, 'The way with one hand').nullable().default(null),
  propId: z.string().max(60).nullable(),
  alsoWith: z.array(z.string().max(60)).max(10).default([]),
  aids: z.array(z.string().max(60)).max(10).default([]),
  noProp: words(200, 'The way with no prop'),
  passes: z.array(passSchema).max(MAX_PASSES).default([]),
  dose: doseSchema,
  lengthMs: z.tuple([lengthMs, lengthMs]).nullable(),
  phases: z.strictObject({
    work: words(40, 'The first half'),
    back: words(40, 'The second half'),
    workShare: z.number().min(0.1).max(0.9),
    breath: z.enum(['in, then out', 'out, then in', 'as it comes']),
  }),
  rungs: z
    .array(
      z.strictObject({
        changes: z.enum(RUNG_CHANGES).nullable(),
        words: words(120, 'A rung'),
        adds: z.array(z.enum(TRAITS)).optional(),
        lifts: z.array(z.enum(TRAITS)).optional(),
        position: z.enum(POSITIONS).optional(),
        effortOf10: z.number().int().min(0).max(10).optional(),
        /** A smaller range, as a share of the usual movement. */
        drawn: z.number().min(0.1).max(1).optional(),
      }),
    )
    .max(8, 'A ladder has at most eight rungs'),
  felt: words(120, 'Where it is felt').default(''),
  goodFor: words(120, 'What it is for').default(''),
  follows: ids,
  counters: ids,
  cues: lines(4, 'What to say'),
  watch: lines(3, 'What to watch'),
});

/** A movement from before passes says its directions and leads; its dose says which passes those were. */
const movementSchema = z.preprocess((given) => {
  const movement = withFieldNames(MOVEMENT_NAMES)(given);
  const older = olderMovementSchema.safeParse(movement);
  if (!older.success) return movement;
  const { directions: _, leads: __, ...rest } = older.data;
  return { ...rest, passes: older.data.dose.passes };
}, passedMovementSchema);
const olderMovementSchema = z.looseObject({
  directions: z.number(),
  leads: z.number(),
  dose: doseSchema,
});

/** A movement of the instructor's own, with how it looks. */
export type OwnMovement = {
  readonly movement: Movement;
  readonly figure: MovementFigure;
  /** Off the shelf, but old plans still hold it. */
  readonly archived?: boolean;
};

export const ownMovementSchema = z.strictObject({ movement: movementSchema, figure: figureSchema });
export type OwnMovementInput = Immutable<z.infer<typeof ownMovementSchema>>;

/** What Zod read is a movement and a figure. */
export const ownOf = ({ movement, figure }: OwnMovementInput): OwnMovement => ({
  movement,
  figure: figure as MovementFigure,
});

/** The catalogue with somebody's own movements in it; the same object where there are none. */
export function withOwn(catalogue: Catalogue, own: readonly OwnMovement[]): Catalogue {
  if (own.length === 0) return catalogue;
  const same = sameOwn(own);
  return rememberJoined([catalogue, same], '', () => joined(catalogue, same));
}

/** What is remembered by a catalogue holds for as long as one's own movements stay the same. */
const sameOwn = oneOfEqual<readonly OwnMovement[]>(20);
const rememberJoined = memo<Catalogue>();

function joined(catalogue: Catalogue, own: readonly OwnMovement[]): Catalogue {
  const byId = new Map(own.map((o) => [o.movement.id, o]));
  const current = own.filter((o) => !o.archived).map((o) => o.movement);
  return {
    ...catalogue,
    movements: [...catalogue.movements, ...current],
    movement: (id) => byId.get(id)?.movement ?? catalogue.movement(id),
    figure: (id) => byId.get(id)?.figure ?? catalogue.figure(id),
    figureOnRung: (id, rung) => {
      const mine = byId.get(id);
      const smaller = mine && smallerLook(rung);
      return mine ? smaller && figureOnRung(mine.figure, smaller) : catalogue.figureOnRung(id, rung);
    },
  };
}

/** Everything that keeps an own movement from being whole, in sentences, the name taken by another included. */
export function ownIssues({ movement, figure }: OwnMovement, catalogue: Catalogue): readonly string[] {
  const others = catalogue.movements.filter((m) => m.id !== movement.id);
  const taken = others.some((m) => m.name.toLowerCase() === movement.name.trim().toLowerCase());
  const known = withOwn(catalogue, [{ movement, figure }]);
  return [
    ...(taken ? ['Another movement has this name already'] : []),
    ...movementIssues(movement, known),
    ...figureIssues(figure),
    ...stepIssues({ movement, figure }),
  ];
}

/** A sequence that is shown step by step has a pose for each of its steps. */
function stepIssues({ movement, figure }: OwnMovement): string[] {
  const { count } = movement.dose;
  const { motion } = figure;
  if (motion.kind !== 'steps') return [];
  if (count.mode !== 'sequence') return ['Poses step by step belong to a dose counted as a sequence'];
  const steps: readonly string[] = count.steps;
  return [
    ...steps
      .filter((s) => s !== UNDOING && !Object.hasOwn(motion.poses, s))
      .map((s) => `There is no pose for “${s}”`),
    ...Object.keys(motion.poses)
      .filter((s) => !steps.includes(s))
      .map((s) => `There is a pose for “${s}”, which is no step of the dose`),
  ];
}
