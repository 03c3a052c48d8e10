import type { Mark } from '@/core/teach/marks';
import type { Taught } from '@/store/teaching';
import type { Waiting } from './outbox';

/** A class as the server knows it, and on top of it what this browser could not send yet. */
export function withWaiting(
  taught: Taught,
  marks: readonly Mark[],
  waiting: readonly Waiting[],
): { readonly taught: Taught; readonly marks: readonly Mark[] } {
  let now = taught;
  const all = new Map(marks.map((m) => [m.id, m]));
  for (const { letter } of waiting) {
    if (letter.kind === 'marks') all.set(letter.body.id, letter.body);
    else {
      const nextSeq = letter.body.firstSeq + letter.body.events.length;
      if (nextSeq >= now.nextSeq) now = { ...now, state: letter.body.state, nextSeq };
    }
  }
  return { taught: now, marks: [...all.values()] };
}
