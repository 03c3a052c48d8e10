import { z } from 'zod';
import type { Immutable } from '../frozen';
import { ACCEPTABLE_PAIN, type CheckIn } from '../screening';
import { markWords, type Mark, type MarkKind } from './marks';
import type { TeachState } from './state';

const score = (what: string) =>
  z
    .number(`${what} is a number from 0 to 10`)
    .int(`${what} is a whole number`)
    .min(0, `${what} is 0 to 10`)
    .max(10, `${what} is 0 to 10`)
    .nullable();

const wrapUpPersonSchema = z.strictObject({
  personId: z.uuid('That is not a person'),
  present: z.boolean(),
  painBeforeLeft: score('Pain'),
  painBeforeRight: score('Pain'),
  painAfterLeft: score('Pain'),
  painAfterRight: score('Pain'),
  effort: score('Effort'),
  enjoyed: score('Enjoyed'),
  adapted: z.string().trim().max(500, 'Keep it under 500 characters'),
  notes: z.string().trim().max(500, 'Keep the note under 500 characters'),
});
export type WrapUpPerson = Immutable<z.infer<typeof wrapUpPersonSchema>>;

export const wrapUpSchema = z.strictObject({
  people: z.array(wrapUpPersonSchema).max(60),
  notes: z.string().trim().max(2000, 'Keep notes under 2,000 characters'),
});
export type WrapUp = Immutable<z.infer<typeof wrapUpSchema>>;

/** `before` as it was when it was opened, and `over` to win where somebody else wrote the same meanwhile. */
export const wrapUpChangeSchema = wrapUpSchema.extend({
  before: wrapUpSchema.optional(),
  over: z.boolean().optional(),
});

/**
 * A first draft of a person's line from the marks made while teaching: marks
 * other than "did it" say what was adapted, and the pain said at the door is the pain before. `titleOf` names a row.
 */
export function prefilledLine(
  personId: string,
  marks: readonly Mark[],
  titleOf: (rowId: string) => string,
  checkIn?: Pick<CheckIn, 'painLeft' | 'painRight'>,
): WrapUpPerson {
  const mine = marks.filter((m) => m.personId === personId && m.mark !== 'did');
  const lines = mine.map((m) => `${titleOf(m.rowId)}: ${markWords(m).toLowerCase()}`);
  return {
    personId,
    present: true,
    painBeforeLeft: checkIn?.painLeft ?? null,
    painBeforeRight: checkIn?.painRight ?? null,
    painAfterLeft: null,
    painAfterRight: null,
    effort: null,
    enjoyed: null,
    adapted: [...new Set(lines)].join('; ').slice(0, 500),
    notes: '',
  };
}

/** A person's line in a few words: "came, all as usual", "pain after 4 left, 3 right; eased it". */
export function lineWords(line: WrapUpPerson): string {
  if (!line.present) return 'did not come';
  const pain = (when: string, left: number | null, right: number | null) => {
    const of = [left !== null && `${left} left`, right !== null && `${right} right`].filter(Boolean);
    return of.length > 0 ? `pain ${when} ${of.join(', ')}` : '';
  };
  const said = [
    pain('before', line.painBeforeLeft, line.painBeforeRight),
    pain('after', line.painAfterLeft, line.painAfterRight),
    line.effort === null ? '' : `effort ${line.effort}`,
    line.enjoyed === null ? '' : `enjoyed ${line.enjoyed}`,
    line.adapted,
    line.notes,
  ].filter(Boolean);
  return said.length > 0 ? `came; ${said.join('; ')}` : 'came, all as usual';
}

/** Of whom nothing was said yet after a class they came to, and nothing marked in it. */
export const isAsUsual = (line: WrapUpPerson): boolean =>
  line.present &&
  line.adapted === '' &&
  [line.painAfterLeft, line.painAfterRight, line.effort, line.enjoyed].every((score) => score === null);

/** Everyone else: the pain as before the class, and this effort. */
export const asBefore = (line: WrapUpPerson, effort: number | null): WrapUpPerson => ({
  ...line,
  painAfterLeft: line.painBeforeLeft,
  painAfterRight: line.painBeforeRight,
  effort,
});

/** The same, of somebody who was told not to have come while teaching, or to have left. */
export function asAttended(line: WrapUpPerson, { away }: Pick<TeachState, 'away'>): WrapUpPerson {
  const how = away.find((a) => a.personId === line.personId)?.how;
  if (!how) return line;
  return how === 'not here' ? { ...line, present: false } : { ...line, notes: 'Left before the end' };
}

/**
 * Why somebody is asked two hours after a class and the next morning, in a sentence; null where nothing asks for it: an incident,
 * having stopped, pain that rose by two or more, high pain afterwards whatever it was before, or a sore hand of which nobody
 * noted the pain afterwards.
 */
export function followUpReason(
  p: WrapUpPerson,
  marks: readonly MarkKind[],
  hadIncident: boolean,
): string | null {
  const rise = (before: number | null, after: number | null) =>
    before !== null && after !== null && after - before >= 2;
  const after = Math.max(p.painAfterLeft ?? -1, p.painAfterRight ?? -1);
  if (hadIncident) return 'There was an incident.';
  if (marks.includes('stopped')) return 'They stopped in the class.';
  if (rise(p.painBeforeLeft, p.painAfterLeft) || rise(p.painBeforeRight, p.painAfterRight))
    return 'Pain rose by two or more.';
  if (after > ACCEPTABLE_PAIN) return `Pain was ${after} of 10 afterwards.`;
  return after < 0 && marks.includes('sore') ? 'Something was sore, and nobody noted pain afterwards.' : null;
}
