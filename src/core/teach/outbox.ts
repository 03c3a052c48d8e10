import type { ClassAnswer } from './answers';
import type { Incident } from './incident';
import type { SentMark } from './marks';
import type { Reports } from './people-now';
import type { TeachEvent, TeachState } from './state';

/** Where a class stands with what happened since; the first of its events has this number in the record of the class. */
export type EventsBody = {
  readonly firstSeq: number;
  readonly events: readonly TeachEvent[];
  readonly state: TeachState;
  /** The screen that it happened on; missing in what was kept before screens had names. */
  readonly screen?: string;
};

/** What a page wants stored. */
export type Letter =
  | { readonly kind: 'events'; readonly classId: string; readonly body: EventsBody }
  | { readonly kind: 'marks'; readonly classId: string; readonly body: SentMark }
  | { readonly kind: 'answers'; readonly classId: string; readonly body: ClassAnswer }
  | { readonly kind: 'incidents'; readonly classId: string; readonly body: Incident };

/** What may be otherwise in a moment: the server is back, Oskil is opened again in another tab, there is room on the disk. */
const PASSES: ReadonlySet<string> = new Set(['unreachable', 'locked', 'disk-full', 'not-on-disk', 'busy']);
/** A fault of ours may pass too, but one that comes so often does not, and what waits behind it must not wait for ever. */
const MAX_FAULTS = 8;

/** Whether it may help to send a letter again that was answered with this code, when so many faults of ours have come. */
export const mayHelp = (code: string, faults: number): boolean =>
  PASSES.has(code) || (code === 'our-fault' && faults < MAX_FAULTS);

/** What a letter is about, for whoever is told that it was refused. */
export const letterWords = (letter: Letter): string => {
  if (letter.kind === 'marks') return 'a mark';
  if (letter.kind === 'answers') return 'what somebody said of their hands';
  if (letter.kind === 'incidents') return `the record of what happened (“${letter.body.what.slice(0, 80)}”)`;
  const notes = letter.body.events.flatMap((e) => (e.words ? [`“${e.words}”`] : []));
  return notes.length > 0 ? `the note ${notes.join(', ')}` : 'where the class stood';
};

type Stored = { readonly state: TeachState; readonly nextSeq: number };

/**
 * A class as the server knows it, and on top of it what this browser could not send yet, in its order. What the server has
 * heard of already, or has gone on from, changes nothing.
 */
export function withWaiting<T extends Stored>(
  taught: T,
  reports: Reports,
  letters: readonly Letter[],
): { readonly taught: T } & Reports {
  let now = taught;
  let { marks, answers } = reports;
  for (const letter of letters) {
    if (letter.kind === 'marks') marks = withOne(marks, letter.body);
    else if (letter.kind === 'answers') answers = withOne(answers, letter.body);
    else if (letter.kind === 'events') {
      const nextSeq = letter.body.firstSeq + letter.body.events.length;
      if (nextSeq >= now.nextSeq) now = { ...now, state: letter.body.state, nextSeq };
    }
  }
  return { taught: now, marks, answers };
}

/** What has been heard of already stays where it was heard. */
const withOne = <T extends { readonly id: string }>(all: readonly T[], one: T): readonly T[] =>
  all.some((known) => known.id === one.id) ? all : [...all, one];

/** What others reported besides what this page knows; the same value where there is nothing new. */
export function withReports(known: Reports, told: Reports): Reports {
  const marks = told.marks.reduce(withOne, known.marks);
  const answers = told.answers.reduce(withOne, known.answers);
  return marks === known.marks && answers === known.answers ? known : { marks, answers };
}
