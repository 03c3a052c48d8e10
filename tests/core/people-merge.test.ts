import fc from 'fast-check';
import { changesBetween } from '@/core/people/changes';
import { mergeRecords } from '@/core/people/merge';
import type { Measure } from '@/core/people/measures';
import type { PersonCondition, PersonFields } from '@/core/people/person';
import { personFieldsSchema } from '@/core/people/person';
import { personFields } from './people';
import { runs } from '../runs';

const anyRecord: fc.Arbitrary<PersonFields> = fc
  .record({
    assistance: fc.integer({ min: 0, max: 3 }),
    notes: fc.constantFrom('', 'Window seat', 'Left ear'),
    heightCm: fc.constantFrom(undefined, 158, 171),
    positions: fc.constantFrom<PersonFields['positions']>(['chair'], ['chair', 'table']),
    propsOut: fc.subarray(['band', 'putty', 'ball']),
    propsHome: fc.subarray(['towel', 'ball']),
    conditions: fc.subarray([at('hand-oa', 'L'), at('hand-oa', 'R'), at('latex', 'none')]).chain((list) =>
      fc.tuple(
        ...list.map((c) =>
          fc
            .record({
              state: fc.constantFrom('settled' as const, 'flare' as const),
              since: fc.constantFrom(null, '2026-10-01'),
            })
            .map((told) => ({ ...c, ...told })),
        ),
      ),
    ),
    measures: fc
      .subarray([grip('L', 1), grip('R', 1), grip('L', 2)])
      .chain((list) =>
        fc.tuple(...list.map((m) => fc.constantFrom(12, 18).map((value) => ({ ...m, value })))),
      ),
  })
  .map((some) => ({ ...personFields({ firstName: 'Ansel' }), ...some }));

function at(conditionId: string, side: PersonCondition['side']): PersonCondition {
  return { conditionId, side, state: 'settled', since: null, spots: [] };
}
function grip(hand: Measure['hand'], day: number): Measure {
  return { hand, kind: 'grip', value: 18, on: `2026-11-0${day}` };
}

/** The record in one order, whatever the order it was put together in. */
const inOrder = (r: PersonFields) => ({
  ...r,
  propsOut: [...r.propsOut].sort(),
  propsHome: [...(r.propsHome ?? [])].sort(),
  conditions: [...r.conditions].sort((a, b) => words(a).localeCompare(words(b))),
  measures: [...r.measures].sort((a, b) => words(a).localeCompare(words(b))),
});
const words = (thing: object): string => Object.values(thing).join(' ');

test('who changed nothing takes what the other changed, and nothing met', () => {
  fc.assert(
    fc.property(anyRecord, anyRecord, (before, after) => {
      const theirs = mergeRecords(before, before, after);
      expect(inOrder(theirs.merged)).toEqual(inOrder(after));
      expect(inOrder(theirs.contested)).toEqual(inOrder(before));
      const mine = mergeRecords(before, after, before);
      expect(inOrder(mine.merged)).toEqual(inOrder(after));
      expect(inOrder(mine.contested)).toEqual(inOrder(before));
      const both = mergeRecords(before, after, after);
      expect(inOrder(both.merged)).toEqual(inOrder(after));
      expect(inOrder(both.contested)).toEqual(inOrder(before));
    }),
  );
});

test('whatever met can be told in words', () => {
  const names = { condition: (id: string) => id, prop: (id: string) => id };
  let met = 0;
  fc.assert(
    fc.property(anyRecord, anyRecord, anyRecord, (before, one, other) => {
      const { contested } = mergeRecords(before, one, other);
      const differs = JSON.stringify(inOrder(contested)) !== JSON.stringify(inOrder(before));
      expect(changesBetween(before, contested, names).length > 0).toBe(differs);
      if (differs) met += 1;
    }),
  );
  expect(met).toBeGreaterThan(20);
});

test('when nothing met, it is the same whoever saves first', () => {
  let apart = 0;
  fc.assert(
    fc.property(anyRecord, anyRecord, anyRecord, (before, one, other) => {
      const { merged, contested } = mergeRecords(before, one, other);
      if (JSON.stringify(inOrder(contested)) !== JSON.stringify(inOrder(before))) return;
      apart += 1;
      expect(inOrder(mergeRecords(before, other, one).merged)).toEqual(inOrder(merged));
    }),
    { numRuns: runs(2000, 0.25) },
  );
  expect(apart).toBeGreaterThan(20);
});

const base = personFields({
  firstName: 'Ansel',
  notes: 'Window seat',
  assistance: 1,
  conditions: [at('hand-oa', 'L')],
  measures: [grip('L', 1)],
});
const flare = { ...base, conditions: [{ ...at('hand-oa', 'L'), state: 'flare' as const }] };

test.each<[string, PersonFields, PersonFields, Partial<PersonFields>, Partial<PersonFields>]>([
  ['a flare and a note', { ...base, notes: 'Left ear' }, flare, { ...flare, notes: 'Left ear' }, {}],
  [
    'notes and notes',
    { ...base, notes: 'Left ear' },
    { ...base, notes: 'Away in May' },
    { notes: 'Left ear' },
    { notes: 'Away in May' },
  ],
  [
    'a condition taken out that is now a flare',
    { ...base, conditions: [] },
    flare,
    { conditions: [] },
    { conditions: flare.conditions },
  ],
  [
    'a flare of one hand and a flare of the other',
    { ...base, conditions: [...base.conditions, at('hand-oa', 'R')] },
    flare,
    { conditions: [...flare.conditions, at('hand-oa', 'R')] },
    {},
  ],
  [
    'a measure put right and another taken',
    { ...base, measures: [{ ...grip('L', 1), value: 20 }] },
    { ...base, measures: [grip('L', 1), grip('R', 1)] },
    { measures: [{ ...grip('L', 1), value: 20 }, grip('R', 1)] },
    {},
  ],
  ['the same help', { ...base, assistance: 3 }, { ...base, assistance: 3 }, { assistance: 3 }, {}],
  [
    'height said and taken out',
    { ...base, heightCm: undefined },
    { ...base, heightCm: 160 },
    { heightCm: 160 },
    {},
  ],
])('%s', (_, mine, now, merged, contested) => {
  const put = mergeRecords(base, mine, now);
  expect(inOrder(put.merged)).toEqual(inOrder({ ...base, ...merged }));
  expect(inOrder(put.contested)).toEqual(inOrder({ ...base, ...contested }));
});

test('of one hand the same is measured once a day', () => {
  const record = { ...base, measures: [grip('L', 1), grip('R', 1), { ...grip('L', 1), value: 9 }] };
  const issues = personFieldsSchema.safeParse(record).error?.issues ?? [];
  expect(issues.map((i) => [i.path, i.message])).toEqual([
    [['measures', 2, 'on'], 'That day has one of these already'],
  ]);
  expect(personFieldsSchema.safeParse({ ...base, measures: [grip('L', 1), grip('L', 2)] }).success).toBe(
    true,
  );
});
