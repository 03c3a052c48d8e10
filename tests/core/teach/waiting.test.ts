import { letterWords, mayHelp, type Letter } from '@/core/teach/outbox';
import { START } from '@/core/teach/state';

test.each<[string, number, boolean]>([
  // What passes by itself is waited for, however long.
  ['unreachable', 1_000, true],
  ['locked', 1_000, true],
  ['disk-full', 1_000, true],
  ['busy', 1_000, true],
  // A fault of ours may pass; when it comes again and again it does not.
  ['our-fault', 1, true],
  ['our-fault', 7, true],
  ['our-fault', 8, false],
  // The same would be refused again.
  ['bad-input', 0, false],
  ['not-found', 0, false],
  ['too-large', 0, false],
])('a letter that was answered with %s, after %i faults, is sent again: %s', (code, faults, again) => {
  expect(mayHelp(code, faults)).toBe(again);
});

test('whoever is told of a letter that was refused is told what it was', () => {
  const mark: Letter = {
    kind: 'marks',
    classId: 'c',
    body: { id: 'm', personId: 'p', rowId: 'r', mark: 'did', atMs: 0 },
  };
  const stood: Letter = { kind: 'events', classId: 'c', body: { firstSeq: 0, events: [], state: START } };
  const note = { kind: 'note', rowId: null, atMs: 0, words: 'Bea left early' } as const;
  const noted: Letter = { ...stood, body: { ...stood.body, events: [note] } };
  expect([mark, stood, noted].map(letterWords)).toEqual([
    'a mark',
    'where the class stood',
    'the note “Bea left early”',
  ]);
});
