import type { Person } from '@/core/people';
import { prefilledLine, type Mark, type TaughtRow, type TeachEvent, type WrapUpPerson } from '@/core/teach';

/** A plausible run of a class: set-up takes a little more or less than planned, by `drag`. */
export function demoEvents(
  rows: readonly TaughtRow[],
  drag: number,
  roll: () => number,
): readonly TeachEvent[] {
  let clock = 0;
  const events: TeachEvent[] = [];
  for (const row of rows) {
    const at = (kind: TeachEvent['kind'], atMs: number): TeachEvent => ({
      kind,
      rowId: row.rowId,
      atMs: Math.round(atMs),
    });
    events.push(at('enter', clock));
    const setUp = row.setUpMs * (drag + roll() * 0.4 - 0.2);
    const pause = roll() < 0.15 ? roll() * 12_000 : 0;
    const isMovement = row.kind === 'movement';
    if (isMovement) events.push(at('count', clock + setUp));
    clock += setUp + pause + (isMovement ? row.countMs + row.resetMs : row.countMs * (0.9 + roll() * 0.35));
  }
  events.push({ kind: 'end', rowId: null, atMs: Math.round(clock) });
  return events;
}

export function demoMarks(
  rows: readonly TaughtRow[],
  present: readonly Person[],
  newId: () => string,
  roll: () => number,
): readonly Mark[] {
  const kinds: readonly Mark['mark'][] = ['eased', 'eased', 'skipped', 'sore'];
  return rows.flatMap((row, i) => {
    if (!row.effort || roll() > 0.65) return [];
    const person = present[Math.floor(roll() * present.length)];
    if (!person) return [];
    return [
      {
        id: newId(),
        personId: person.id,
        rowId: row.rowId,
        mark: kinds[Math.floor(roll() * kinds.length)]!,
        atMs: row.plannedStartMs + 30_000 + i,
      },
    ];
  });
}

/** Attendance with pain and effort as people would give them; someone's thumb is sore in week two. */
export function demoAttendance(
  people: readonly Person[],
  isPresent: (p: Person) => boolean,
  marks: readonly Mark[],
  titleOf: (rowId: string) => string,
  roll: () => number,
  week: number,
): readonly WrapUpPerson[] {
  return people.map((p) => {
    const blank = prefilledLine(p.id, marks, titleOf);
    if (!isPresent(p)) return { ...blank, present: false, adapted: '' };
    const base = Math.floor(roll() * 3) + (p.conditions.length > 0 ? 1 : 0);
    const change = roll() < 0.3 ? -1 : 0;
    const soreThumb = week === 2 && p.conditions.some((c) => c.conditionId === 'thumb-base');
    return {
      ...blank,
      painBeforeLeft: base,
      painBeforeRight: base + (roll() < 0.4 ? 1 : 0),
      painAfterLeft: Math.max(0, base + change),
      painAfterRight: Math.max(0, base + change + (soreThumb ? 3 : 0)),
      effort: 2 + Math.floor(roll() * 3),
      enjoyed: 7 + Math.floor(roll() * 4),
      notes: soreThumb ? 'Right thumb sore after wringing the cloth' : '',
    };
  });
}
