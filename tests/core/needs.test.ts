import { adviceNote } from '@/core/people/advice-note';
import { byNeed, needOf } from '@/core/people/need';
import type { PersonCondition } from '@/core/people/person';
import { seatingOf } from '@/core/people/seating';
import { helpersNeeded } from '@/core/people/person';
import { cautionsOf, rowCosts, troubleIn } from '@/core/plan/check/needs';
import { NO_ADAPTATION } from '@/core/screening/adaptation';
import type { HandVerdict, Verdict, VerdictKind } from '@/core/screening/verdict';
import { person } from './people';

const on = (state: PersonCondition['state']): PersonCondition => ({
  conditionId: 'hand-oa',
  side: 'R',
  state,
  since: null,
  spots: [],
});

const DAY = '2026-11-25';

describe('what people need', () => {
  test('the greatest need decides, and everybody has one', () => {
    expect(needOf(person({ assistance: 2, conditions: [on('flare')] }), DAY)).toBe('a helper beside them');
    expect(needOf(person({ conditions: [on('flare')] }), DAY)).toBe('a hand that rests or is in flare');
    expect(needOf(person({ screened: false }), DAY)).toBe('screening still open');
    expect(needOf(person({ conditions: [on('settled')] }), DAY)).toBe('their own way');
    expect(needOf(person(), DAY)).toBe('as shown');
    // For two days after a flare has settled the hand still rests.
    const calmed = { ...on('settled'), settledOn: '2026-11-24' };
    expect(needOf(person({ conditions: [calmed] }), DAY)).toBe('a hand that rests or is in flare');
    expect(needOf(person({ conditions: [calmed] }), '2026-11-27')).toBe('their own way');
  });

  test('by need, people keep their order within a need', () => {
    const [a, b, c] = [
      person({ firstName: 'A' }),
      person({ firstName: 'B', assistance: 3 }),
      person({ firstName: 'C' }),
    ];
    expect(byNeed([a, b, c], DAY).map((p) => p.firstName)).toEqual(['B', 'A', 'C']);
  });
});

describe('who sits with whom', () => {
  const people = [2, 3, 0, 2, 2].map((assistance, i) => person({ firstName: 'PQRST'[i]!, assistance }));

  test('level three has a helper alone, two at level two share one', () => {
    const seats = seatingOf(people, ['Odile', 'Pim']);
    expect(seats.map((s) => [s.helper, s.people.map((p) => p.firstName).join('')])).toEqual([
      ['Odile', 'Q'],
      ['Pim', 'PS'],
      [null, 'T'],
    ]);
  });

  test('as many seats as helpers are needed', () => {
    expect(seatingOf(people, [])).toHaveLength(helpersNeeded(people));
    expect(seatingOf([], ['Odile'])).toEqual([]);
  });
});

describe('what shapes a class', () => {
  const hand = (kind: VerdictKind, reasons: string[] = []): HandVerdict => ({
    kind,
    reasons,
    how: [],
    adaptation: NO_ADAPTATION,
    swapTo: null,
    swapWhy: '',
  });
  const both = (kind: VerdictKind, ...reasons: string[]): Verdict => ({
    L: hand(kind, reasons),
    R: hand(kind, reasons),
    worst: kind,
  });
  const verdicts = new Map([
    [
      'squeeze',
      new Map([
        ['a', both('adapt', 'sore')],
        ['b', both('swap', 'flare')],
        ['c', both('do')],
      ]),
    ],
    [
      'glide',
      new Map([
        ['a', both('adapt', 'sore')],
        ['b', both('do')],
        ['c', both('do')],
      ]),
    ],
    [
      'lean',
      new Map([
        ['a', both('adapt', 'sore')],
        ['b', both('leaveOut', 'flare')],
        ['c', both('do')],
      ]),
    ],
  ]);

  test('cautions by the rows and people they touch; a caution on both hands counts once', () => {
    expect(cautionsOf(verdicts)).toEqual([
      { because: 'sore', rows: 3, personIds: ['a'] },
      { because: 'flare', rows: 2, personIds: ['b'] },
    ]);
  });

  test('rows by what they cost: left out before swapped before adapted', () => {
    expect(rowCosts(verdicts).map((c) => c.rowId)).toEqual(['lean', 'squeeze', 'glide']);
    expect(rowCosts(verdicts)[1]).toEqual({ rowId: 'squeeze', own: 1, swapped: 1, out: 0 });
  });

  test('trouble is where somebody swaps or is left out', () => {
    const { rowIds, personIds } = troubleIn(verdicts);
    expect([[...rowIds], [...personIds]]).toEqual([['squeeze', 'lean'], ['b']]);
  });
});

describe('a note to take along', () => {
  const note = adviceNote({
    person: person({
      firstName: 'Ida',
      initial: 'X',
      wantedTask: 'open a jar',
      conditions: [on('flare')],
      measures: [{ hand: 'L', kind: 'grip', value: 17, on: '2026-11-02' }],
    }),
    today: '2026-11-25',
    classes: [
      { day: '2026-11-04', present: true, painBefore: [2, null], painAfter: [4, 1], effort: 4, adapted: '' },
      {
        day: '2026-11-11',
        present: false,
        painBefore: [null, null],
        painAfter: [null, null],
        effort: null,
        adapted: '',
      },
    ],
    signs: ['morning stiffness grows: 15, 30, 60 minutes'],
    incidents: [{ day: '2026-11-04', sign: 'any fall', what: 'Slipped getting up.' }],
    from: 'Marit, Fernhollow',
  });

  test('says what was seen and measured, in order', () => {
    expect(note).toContain('Why this note:\n- morning stiffness grows: 15, 30, 60 minutes\n');
    expect(note).toContain('came to 1 of 2');
    expect(note).toContain(
      '- 2026-11-04: pain before left 2 of 10; pain after left 4, right 1 of 10; effort 4 of 10',
    );
    expect(note).toContain('- 2026-11-02: Grip, left: 17 kg');
    expect(note).toContain('- 2026-11-04: any fall. Slipped getting up.');
    expect(note).toContain('Would like to be able to: open a jar.');
    expect(note.endsWith('Marit, Fernhollow')).toBe(true);
  });

  test('names no condition and gives no advice', () => {
    expect(note).toContain('it is not a diagnosis');
    expect(note.toLowerCase()).not.toMatch(/arthritis|flare|should|recommend/);
  });
});
