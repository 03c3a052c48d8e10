import { z } from 'zod';

/** A step into a value: a field, a place in a list, or the member of a list with an id. */
type PathStep = string | number | { readonly id: string };

/** A field that a file has and Oskil does not know: it is kept and written out again where its owner still is. */
export type UnknownField = {
  readonly path: readonly PathStep[];
  readonly key: string;
  readonly value: unknown;
};

/** Names by which a value is asked for what every value has, and which are no fields of ours. */
const NO_FIELDS: ReadonlySet<string> = new Set(['__proto__', 'constructor', 'prototype']);
const fieldName = z
  .string()
  .max(200)
  .refine((name) => !NO_FIELDS.has(name));

/** So many fields that are not known are kept with a class; a file with more is none that a program of ours has written to. */
const MAX_UNKNOWN = 2_000;

/** Unknown fields as they are stored: whoever wrote them there, they lead to fields of the value alone. */
export const extrasSchema = z
  .array(
    z.strictObject({
      path: z
        .array(z.union([fieldName, z.number().int().min(0), z.strictObject({ id: z.string().max(200) })]))
        .max(64),
      key: fieldName,
      value: z.unknown(),
    }),
  )
  .max(MAX_UNKNOWN);

type Plain = Record<string, unknown>;
const isObject = (v: unknown): v is Plain => typeof v === 'object' && v !== null && !Array.isArray(v);

type Read<T> =
  | { readonly ok: true; readonly value: T; readonly unknown: readonly UnknownField[] }
  | { readonly ok: false; readonly issues: readonly z.core.$ZodIssue[] };

/** What is not known is found so often at most; a file that hides fields deeper is not read. */
const MAX_ROUNDS = 20;

/** A value by its strict schema, with the fields that the schema does not know taken out and kept. */
export function readKeeping<S extends z.ZodType>(raw: unknown, schema: S): Read<z.output<S>> {
  const value: unknown = structuredClone(raw);
  const unknown: UnknownField[] = [];
  for (let round = 0; round < MAX_ROUNDS; round++) {
    const parsed = schema.safeParse(value);
    if (parsed.success) return { ok: true, value: parsed.data, unknown };
    const issues = flat(parsed.error.issues);
    const strange = issues.filter((i) => i.code === 'unrecognized_keys');
    if (strange.length === 0) return { ok: false, issues };
    for (const { path, keys } of strange) {
      const owner = at(value, path as (string | number)[]);
      if (!isObject(owner)) return { ok: false, issues };
      if (unknown.length + keys.length > MAX_UNKNOWN) return TOO_MANY;
      for (const key of keys) {
        unknown.push({ path: withIds(value, path as (string | number)[]), key, value: owner[key] });
        delete owner[key];
      }
    }
  }
  return { ok: false, issues: [] };
}

const TOO_MANY: Read<never> = {
  ok: false,
  issues: [
    {
      code: 'custom',
      path: [],
      message: `There are over ${MAX_UNKNOWN.toLocaleString('en')} fields that Oskil does not know`,
    },
  ] as unknown as readonly z.core.$ZodIssue[],
};

/** Unions report what is wrong with each of their members; the member that fits best is listened to. */
function flat(issues: readonly z.core.$ZodIssue[]): z.core.$ZodIssue[] {
  return issues.flatMap((issue) => {
    if (issue.code !== 'invalid_union' || issue.errors.length === 0) return [issue];
    const best = issue.errors.reduce((a, b) => (b.length < a.length ? b : a));
    return flat(best).map((inner) => ({ ...inner, path: [...issue.path, ...inner.path] }));
  });
}

const at = (value: unknown, path: readonly (string | number)[]): unknown =>
  path.reduce<unknown>((v, key) => ownOf(v, key), value);

/** What a value has itself, and not what all values have. */
const ownOf = (value: unknown, key: string | number): unknown =>
  typeof value === 'object' && value !== null && Object.hasOwn(value, key)
    ? (value as Plain)[key]
    : undefined;

/** Places in lists as ids where the members have them, so that they are found again in another order. */
function withIds(value: unknown, path: readonly (string | number)[]): PathStep[] {
  return path.map((step, i) => {
    const member = typeof step === 'number' ? at(value, path.slice(0, i + 1)) : undefined;
    return isObject(member) && typeof member.id === 'string' ? { id: member.id } : step;
  });
}

/** The value with the unknown fields back where they were; those whose owner is gone are dropped. */
export function withUnknown<T>(value: T, unknown: readonly UnknownField[]): T {
  const whole: unknown = structuredClone(value);
  for (const { path, key, value: kept } of unknown) {
    const owner = path.reduce<unknown>((v, step) => {
      if (typeof step === 'object')
        return Array.isArray(v) ? v.find((m) => isObject(m) && m.id === step.id) : undefined;
      return ownOf(v, step);
    }, whole);
    // A field of that name that has come to be known since wins.
    if (isObject(owner) && !NO_FIELDS.has(key) && !Object.hasOwn(owner, key)) owner[key] = kept;
  }
  return whole as T;
}
