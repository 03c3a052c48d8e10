import { z } from 'zod';
import type { Immutable } from '../frozen';
import type { Hand } from '../dose';
import { classMs } from './class-ms';

export const MARKS = ['did', 'eased', 'skipped', 'sore', 'stopped', 'form'] as const;
export type MarkKind = (typeof MARKS)[number];

const MARK_WORDS: Record<MarkKind, string> = {
  did: 'Did it',
  eased: 'Eased it',
  skipped: 'Skipped',
  sore: 'Sore',
  stopped: 'Stopped',
  form: 'Lost form',
};

/** What is sent besides: a mark is taken back, a helper asks the instructor to come to somebody, and it was seen that they do. */
const SENT = [...MARKS, 'taken back', 'come', 'seen'] as const;

/** One mark; its id is made by the page, so that sending it twice stores it once. */
export const markSchema = z.strictObject({
  id: z.uuid('The mark has no proper id'),
  personId: z.uuid('That is not a person'),
  rowId: z.string().min(1).max(60),
  mark: z.enum(SENT, 'That is not a mark'),
  /** Missing where it is of both hands, or of neither in particular. */
  hand: z.enum(['L', 'R'], 'A mark is of the left hand or the right').optional(),
  atMs: classMs.int(),
});
export type SentMark = Immutable<z.infer<typeof markSchema>>;

/** A mark that stands. */
export type Mark = Omit<SentMark, 'mark'> & { readonly mark: MarkKind };

const isMark = (sent: SentMark): sent is Mark => MARKS.some((kind) => kind === sent.mark);

/** What stands of everything that was sent, in the order in which it was: nothing that was taken back afterwards. */
export const standingMarks = (sent: readonly SentMark[]): readonly Mark[] =>
  sent
    .filter((m, i) => !sent.slice(i + 1).some((later) => later.mark === 'taken back' && isOfSame(m, later)))
    .filter(isMark);

const isOfSame = (a: SentMark, b: SentMark): boolean => a.personId === b.personId && a.rowId === b.rowId;

/** Whom helpers ask the instructor to come to, the first who was asked for first. */
export const callsToCome = (sent: readonly SentMark[]): readonly string[] => [
  ...new Set(
    sent.flatMap((m, i) =>
      m.mark === 'come' && !sent.slice(i + 1).some((l) => l.mark === 'seen' && l.personId === m.personId)
        ? [m.personId]
        : [],
    ),
  ),
];

const HAND_WORDS: Readonly<Record<Hand, string>> = { L: 'left hand', R: 'right hand' };

/** "Sore, left hand". */
export const markWords = ({ mark, hand }: Pick<Mark, 'mark' | 'hand'>): string =>
  [MARK_WORDS[mark], hand && HAND_WORDS[hand]].filter(Boolean).join(', ');
