import { AWAY_MS, leadAfter, toldTo, type Lead, type LeadAsk } from '@/core/lead';

const TABLET = '11111111-1111-4111-8111-111111111111';
const PHONE = '22222222-2222-4222-8222-222222222222';
const ask = (screen: string, more: Partial<LeadAsk> = {}): LeadAsk => ({
  screen,
  as: 'lead',
  take: false,
  heard: 0,
  ...more,
});
const leading = (): Lead => leadAfter(null, ask(TABLET), 0).lead!;

test('the first that asks teaches; a second one does not, and changes nothing', () => {
  const first = leadAfter(null, ask(TABLET), 0);
  expect(first.answer).toEqual({ leads: true, away: false, remote: false, told: [] });
  const second = leadAfter(first.lead, ask(PHONE), 1_000);
  expect(second.answer).toMatchObject({ leads: false, away: false });
  expect(second.lead).toEqual(first.lead);
  expect(leadAfter(second.lead, ask(TABLET), 2_000).answer.leads).toBe(true);
});

test('one that takes over teaches, and the other is told when it next asks', () => {
  const { lead } = leadAfter(leading(), ask(PHONE, { take: true }), 1_000);
  expect(lead?.screen).toBe(PHONE);
  expect(leadAfter(lead, ask(TABLET), 2_000).answer.leads).toBe(false);
});

test('a screen that is off for ten seconds leaves the class to the next that would teach, not to one that looks', () => {
  const late = AWAY_MS + 1;
  expect(leadAfter(leading(), ask(PHONE, { as: 'follow' }), late).answer).toMatchObject({
    leads: false,
    away: true,
  });
  expect(leadAfter(leading(), ask(PHONE), AWAY_MS).answer.leads).toBe(false);
  expect(leadAfter(leading(), ask(PHONE), late).answer.leads).toBe(true);
});

test('what a remote tells is carried out once, in its order, and it is asked for more often meanwhile', () => {
  const told = (['next', 'pause'] as const).reduce<Lead | null>((l, c) => toldTo(l, c, 1_000), leading());
  const heard = leadAfter(told, ask(TABLET), 1_300);
  expect(heard.answer.told.map((t) => t.command)).toEqual(['next', 'pause']);
  expect(heard.answer.remote).toBe(true);
  // An answer that was lost on its way is given again; what was carried out is not.
  const again = leadAfter(heard.lead, ask(TABLET), 1_600);
  expect(again.answer.told).toHaveLength(2);
  const on = leadAfter(again.lead, ask(TABLET, { heard: 2 }), 1_900);
  expect(on.answer.told).toEqual([]);
  expect(leadAfter(on.lead, ask(TABLET, { heard: 2 }), 20_000).answer.remote).toBe(false);
});

test('nothing is told to a screen that is away, and a new one carries out nothing that was meant for the old', () => {
  expect(toldTo(null, 'next', 0)).toBeNull();
  expect(toldTo(leading(), 'next', AWAY_MS + 1)).toBeNull();
  const told = toldTo(leading(), 'next', 100);
  const taken = leadAfter(told, ask(PHONE, { take: true }), 200);
  expect(taken.answer.told).toEqual([]);
  const next = toldTo(taken.lead, 'back', 300);
  expect(leadAfter(next, ask(PHONE), 400).answer.told).toEqual([{ n: 2, command: 'back' }]);
});
