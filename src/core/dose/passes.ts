import { z } from 'zod';
import type { Immutable } from '../frozen';
import type { Count } from './dose';

/**
 * One way of going through a dose, by its name: the other direction of a circle, the other thumb in front, palm up.
 * `reversed` runs the movement backwards, `swapped` has the hands change places or jobs. A pass may have so many more
 * than the others, and its own length of one repetition, hold, step or free time, ms.
 */
export const passSchema = z.strictObject({
  name: z
    .string()
    .trim()
    .min(1, 'A pass needs a name')
    .max(40, 'Keep the name of a pass under 40 characters'),
  reversed: z.literal(true).optional(),
  swapped: z.literal(true).optional(),
  extra: z.number().int().min(1).max(10, 'Extra can be at most 10').optional(),
  ms: z
    .number()
    .int()
    .min(200, 'A pass is at least 0.2 s')
    .max(600_000, 'A pass is at most 10 minutes')
    .optional(),
});
export type Pass = Immutable<z.infer<typeof passSchema>>;

/** At most so many: what goes further is rows of their own. */
export const MAX_PASSES = 4;

/** What has a direction and no better name for it: circles, eights, rounds. */
export const EACH_WAY: readonly Pass[] = [{ name: 'one way' }, { name: 'the other way', reversed: true }];

/** What is done one way only has no name to say. */
const ONLY: Pass = { name: '' };

/** The passes of a dose in order; one without a name where there is nothing to tell apart. */
export const passesOf = ({ passes }: { readonly passes: readonly Pass[] }): readonly Pass[] =>
  passes.length > 0 ? passes : [ONLY];

/** Passes that follow each other without the hands changing places or jobs. */
export function passRuns(passes: readonly Pass[]): readonly (readonly Pass[])[] {
  const runs: Pass[][] = [];
  for (const pass of passes) {
    const run = runs.at(-1);
    if (run && Boolean(run[0]!.swapped) === Boolean(pass.swapped)) run.push(pass);
    else runs.push([pass]);
  }
  return runs;
}

/** What a dose of before passes had: so many directions, and either hand in front or one. */
export type OlderTurns = { readonly directions: 1 | 2; readonly leads: 1 | 2 };

/** The passes that a dose of before passes meant, under plain names; `passesNamed` gives them a movement's own. */
export function passesOfOlder({ directions, leads }: OlderTurns, count: Count): readonly Pass[] {
  const ways = directions === 2 ? waysOf(count) : [ONLY];
  if (leads === 1) return directions === 2 ? ways : [];
  return [
    ...ways.map((way) => ({ ...way, name: way.name || PLAIN_SWAP[0] })),
    ...ways.map((way) => ({
      ...way,
      name: [PLAIN_SWAP[1], way.name].filter(Boolean).join(', '),
      swapped: true as const,
    })),
  ];
}

const PLAIN_SWAP = ['first', 'hands changed over'] as const;

/** A row of fingers or places has two ends to begin at. */
function waysOf(count: Count): readonly Pass[] {
  if (count.mode !== 'sequence') return EACH_WAY;
  const [first, last] = [count.steps[0]!, count.steps.at(-1)!];
  const name = (from: string, to: string) => `${from} to ${to}`.slice(0, 40);
  return [{ name: name(first, last) }, { name: name(last, first), reversed: true }];
}

const PLAIN_NAMES: ReadonlySet<string> = new Set([
  ...EACH_WAY.map((p) => p.name),
  ...PLAIN_SWAP,
  ...EACH_WAY.map((p) => `${PLAIN_SWAP[1]}, ${p.name}`),
]);

const isPlain = (passes: readonly Pass[], count: Count): boolean => {
  const ways = count.mode === 'sequence' ? waysOf(count).map((p) => p.name) : [];
  return passes.every((p) => PLAIN_NAMES.has(p.name) || ways.some((way) => p.name.endsWith(way)));
};

/** Plainly named passes under the names that a movement has for as many; as they are where it has not. */
export function passesNamed(passes: readonly Pass[], count: Count, named: readonly Pass[]): readonly Pass[] {
  if (passes.length === 0 || named.length !== passes.length || !isPlain(passes, count)) return passes;
  return passes.map((pass, i) => {
    const { extra, ms } = pass;
    return { ...named[i]!, ...(extra !== undefined && { extra }), ...(ms !== undefined && { ms }) };
  });
}

/** The names of a dose that are neither the movement's own nor plain ones. */
export const foreignPasses = (
  passes: readonly Pass[],
  count: Count,
  named: readonly Pass[],
): readonly string[] =>
  passes.filter((p) => !isPlain([p], count) && !named.some((own) => own.name === p.name)).map((p) => p.name);
