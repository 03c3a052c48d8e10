import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE } from '@/catalogue/movements';
import { peopleNow } from '@/core/teach/people-now';
import { rowsOfSnapshot } from '@/core/teach/snapshot';
import { verdictFor } from '@/core/screening/verdict';
import { person } from '../people';
import { planWith } from '../plans';

const who = person();
const plan = planWith({ move: ['wrist-bend', 'open-close'], grip: ['ball-squeeze'] });
const rows = rowsOfSnapshot({ plan, people: [who], helpers: [], slotMs: 2_700_000, shown: [] }, CATALOGUE);
const mark = (kind: 'sore' | 'stopped' | 'eased', rowId: string) => ({
  id: crypto.randomUUID(),
  personId: who.id,
  rowId,
  mark: kind,
  atMs: 1_000,
});
const onBall = (marks: Parameters<typeof peopleNow>[1], index: number) => {
  const [now] = peopleNow([who], marks, rows, index);
  const ball = CATALOGUE.movement('ball-squeeze')!;
  const context = { table: CAUTIONS, catalogue: CATALOGUE, today: '2026-11-25' };
  return { since: now!.since, kind: verdictFor(now!.person, ball, ball.dose, context).worst };
};
const first = rows[0]!.rowId;

test('a mark counts from the next row on, and stopped for more than sore', () => {
  expect(onBall([], 2)).toEqual({ since: null, kind: 'do' });
  expect(onBall([mark('eased', first)], 2)).toEqual({ since: null, kind: 'do' });
  expect(onBall([mark('sore', first)], 0)).toEqual({ since: null, kind: 'do' });
  expect(onBall([mark('sore', first)], 1)).toEqual({ since: 'sore', kind: 'adapt' });
  expect(onBall([mark('stopped', first), mark('sore', first)], 1)).toEqual({
    since: 'stopped',
    kind: 'swap',
  });
});

test('who is not marked stays the same person', () => {
  const other = person();
  const [same] = peopleNow([other], [mark('stopped', first)], rows, 2);
  expect(same!.person).toBe(other);
});
