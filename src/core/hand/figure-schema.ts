import { z } from 'zod';
import { BUILDS, HAND_PLACES, STANCES } from '../body';
import { MAX_PASSES } from '../dose';
import { AXES, limitOf, type AxisId } from './joints';
import { keyPoses, motionsOf, type Motion, type MovementFigure } from './motion';
import { PERSON_SHOWS, PERSON_VIEWS } from './person';
import { beyondLimits } from './pose';
import { PROP_SHAPES } from './prop-shape';
import { SCENE_KINDS } from './scenes';

const AXIS_IDS = AXES.map((a) => a.id) as [AxisId, ...AxisId[]];

const poseSchema = z.partialRecord(z.enum(AXIS_IDS), z.number());

/** One for each step that a sequence can have. */
const MAX_STEPS = 16;
const stepPosesSchema = z
  .record(z.string().max(24, 'A step has a name of at most 24 letters'), poseSchema)
  .refine((poses) => Object.keys(poses).length <= MAX_STEPS, `A movement has at most ${MAX_STEPS} steps`);

const motionSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('loop'),
    keys: z
      .array(z.strictObject({ pose: poseSchema, share: z.number().min(0).max(1) }))
      .min(2, 'A movement needs two poses or more')
      .max(12, 'A movement can have at most 12 poses'),
  }),
  z.strictObject({ kind: z.literal('held'), from: poseSchema, to: poseSchema }),
  z.strictObject({
    kind: z.literal('steps'),
    base: poseSchema,
    poses: stepPosesSchema,
    builds: z.literal(true).optional(),
  }),
]);

const viewSchema = z.enum(['palm', 'back', 'side']);

const personSchema = z.strictObject({
  stance: z.enum(STANCES),
  hands: z.enum(HAND_PLACES),
  from: z.enum(PERSON_VIEWS),
  main: z.literal(true).optional(),
  shows: z.enum(PERSON_SHOWS).optional(),
  build: z
    .number()
    .int()
    .min(0)
    .max(BUILDS.length - 1)
    .optional(),
});

/** How a movement looks, as it is stored and sent. */
export const figureSchema = z.strictObject({
  motion: motionSchema,
  view: viewSchema,
  counter: z.literal(true).optional(),
  oneAtATime: z.literal(true).optional(),
  scene: z.enum(SCENE_KINDS).optional(),
  prop: z.enum(PROP_SHAPES).optional(),
  person: personSchema.optional(),
  telling: z.union([z.number().int().min(0).max(11), z.string().max(24)]).optional(),
  other: motionSchema.optional(),
  waits: poseSchema.optional(),
  passes: z
    .record(
      z.string().max(40),
      z.strictObject({
        motion: motionSchema.optional(),
        view: viewSchema.optional(),
        scene: z.enum(SCENE_KINDS).optional(),
        person: personSchema.optional(),
      }),
    )
    .refine((passes) => Object.keys(passes).length <= MAX_PASSES, `At most ${MAX_PASSES} passes`)
    .optional(),
});

/** What is wrong with a figure, in sentences: poses beyond a joint's limit, shares that do not make a whole. */
export function figureIssues(figure: MovementFigure): readonly string[] {
  const { waits } = figure;
  const waiting: readonly Motion[] = waits ? [{ kind: 'held', from: waits, to: waits }] : [];
  return [...new Set([...motionsOf(figure), ...waiting].flatMap(motionIssues))];
}

function motionIssues(motion: Motion): string[] {
  const beyond = keyPoses(motion).flatMap((pose, i) =>
    beyondLimits(pose).map(
      ({ id, angle, min, max }) =>
        `Pose ${i + 1}: ${limitOf(id).name} is at ${Math.round(angle)}, its limits are ${min} to ${max}`,
    ),
  );
  const shares = motion.kind === 'loop' ? motion.keys.reduce((n, k) => n + k.share, 0) : 1;
  return [
    ...beyond,
    ...(Math.abs(shares - 1) > 0.001 ? ['The shares of the poses do not add up to one'] : []),
  ];
}
