import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { RECORDED } from '@/catalogue/conditions';
import { CATALOGUE } from '@/catalogue/movements';
import { changesBetween, withConditions, withFlaresSettled } from '@/core/people';
import type { PersonCondition } from '@/core/people/person';
import { verdictFor } from '@/core/screening/verdict';
import { impliedBy, incidentSchema, STOP_SIGNS } from '@/core/teach/incident';
import { ROOM_CHECK, roomCheckWords } from '@/core/teach/room-check';
import { person, personFields } from '../people';

const context = { table: CAUTIONS, catalogue: CATALOGUE, today: '2026-11-25' };

test('each sign proposes a state of a condition that a record can hold, and it lets nobody press, grip or lean', () => {
  const hard = ['ball-squeeze', 'wall-lean', 'stiff-tap'].map((id) => CATALOGUE.movement(id)!);
  for (const sign of STOP_SIGNS) {
    const { conditionId, state, sided } = impliedBy(sign)!;
    const known = RECORDED.find((c) => c.id === conditionId);
    expect(known?.sided).toBe(sided);
    const conditions = [
      { conditionId, state, side: sided ? 'both' : 'none', since: null, spots: [] } as const,
    ];
    for (const movement of hard) {
      const { L, R } = verdictFor(person({ conditions }), movement, movement.dose, context);
      expect([sign, movement.id, L.kind, R.kind]).not.toContain('do');
      expect([sign, movement.id, L.kind, R.kind]).not.toContain('adapt');
    }
  }
});

test('what is none of the signs proposes nothing', () => {
  expect(impliedBy('a nosebleed')).toBeNull();
  expect(impliedBy('toString')).toBeNull();
});

test.each([
  ['10:45', true],
  ['23:59', true],
  ['24:00', false],
  ['7:05', false],
  ['soon', false],
])('the time %s is one: %s', (happenedAt, isOne) => {
  const incident = {
    id: crypto.randomUUID(),
    personId: null,
    sign: 'a nosebleed',
    what: 'Sat down',
    done: '',
    happenedAt,
  };
  expect(incidentSchema.safeParse(incident).success).toBe(isOne);
});

test('the room check says what was left open', () => {
  const all = ROOM_CHECK.map(([id]) => id);
  expect(roomCheckWords(all)).toBe('All of the room check was ticked before the class.');
  expect(roomCheckWords([])).toBe('Nothing of the room check was ticked before the class.');
  expect(roomCheckWords(all.filter((id) => id !== 'water' && id !== 'help'))).toBe(
    'Room check before the class, not ticked: water and props and first aid, exits and helper.',
  );
});

describe('a record', () => {
  const having = (state: PersonCondition['state'], over: Partial<PersonCondition> = {}): PersonCondition => ({
    conditionId: 'inflammatory',
    side: 'R',
    state,
    since: null,
    spots: [],
    ...over,
  });
  const record = (...conditions: PersonCondition[]) => personFields({ conditions });

  test('the day a flare settled is kept: today, unless another was given; a new flare forgets it', () => {
    const before = record(having('flare'));
    const after = { ...before, conditions: [having('settled')] };
    expect(withFlaresSettled(before, after, '2026-11-25').conditions).toEqual([
      having('settled', { settledOn: '2026-11-25' }),
    ]);
    const dated = { ...before, conditions: [having('settled', { settledOn: '2026-11-20' })] };
    expect(withFlaresSettled(before, dated, '2026-11-25')).toEqual(dated);
    expect(withFlaresSettled(dated, before, '2026-11-25').conditions[0]!.settledOn).toBeNull();
    const sore = record(having('sore'));
    expect(
      withFlaresSettled(sore, { ...sore, conditions: [having('settled')] }, '2026-11-25').conditions,
    ).toEqual([having('settled')]);
  });

  test('what is said besides is added, the worse state stands, and nothing is taken away', () => {
    expect(withConditions([having('sore')], [having('settled')])).toEqual([having('sore')]);
    expect(withConditions([having('sore')], [having('flare')])).toEqual([having('flare')]);
    expect(withConditions([having('sore')], [having('flare', { side: 'L' })])).toHaveLength(2);
  });

  test('a new flare forgets when the one before it settled', () => {
    const settled = having('settled', { settledOn: '2026-11-01' });
    expect(withConditions([settled], [having('flare')])).toEqual([having('flare')]);
    expect(withConditions([settled], [having('not cleared')])).toEqual([
      having('not cleared', { settledOn: '2026-11-01' }),
    ]);
  });

  test('changes of the contact are told without what it is', () => {
    const names = { condition: () => 'Inflammatory arthritis', prop: String };
    const before = record(having('flare'));
    const after = { ...before, contact: 'Bo, 0700 1234', agreedOn: '2026-11-25' };
    expect(changesBetween(before, after, names)).toEqual([
      'Emergency contact changed',
      'Agreed to this record on: 2026-11-25',
    ]);
    const settled = { ...before, conditions: [having('settled', { settledOn: '2026-11-20' })] };
    expect(changesBetween(before, settled, names)).toEqual([
      'Inflammatory arthritis, right: now settled, before flare, settled on 2026-11-20',
    ]);
  });
});
