import {
  FOLLOW_UP_SLOTS,
  followUpAnswerSchema,
  dueFollowUps,
  type SorePerson,
} from '@/core/teach/follow-ups';

const [CLASS, WEEK_AGO] = ['2026-11-25', '2026-11-18'];
const due = (today: string, answered: SorePerson['answered'] = []) =>
  dueFollowUps([{ personId: 'a', answered }], CLASS, today, WEEK_AGO).map((c) => c.slot);

test.each([
  ['2026-11-25', [], ['two hours']],
  ['2026-11-25', ['two hours'], []],
  ['2026-11-26', ['two hours'], ['next morning']],
  ['2026-11-26', [], ['next morning']],
  ['2026-11-29', ['next morning'], []],
] as const)('on %s, having answered %j, one is asked %j', (today, answered, slots) => {
  expect(due(today, answered)).toEqual(slots);
});

test('after a week it is no longer asked', () => {
  expect(dueFollowUps([{ personId: 'a', answered: [] }], '2026-11-10', '2026-11-25', WEEK_AGO)).toEqual([]);
});

test('an answer names its slot', () => {
  const personId = '00000000-0000-4000-8000-000000000001';
  for (const slot of FOLLOW_UP_SLOTS)
    expect(followUpAnswerSchema.safeParse({ personId, slot, worse: true }).success).toBe(true);
  expect(followUpAnswerSchema.safeParse({ personId, slot: 'at dawn', worse: true }).success).toBe(false);
});
