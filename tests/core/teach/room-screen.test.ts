import { CATALOGUE } from '@/catalogue/movements';
import { type MovementFigure } from '@/core/hand';
import { tellingPose } from '@/core/hand/motion';
import { roomFeed } from '@/core/teach/room-screen';
import { rowsOfSnapshot } from '@/core/teach/snapshot';
import { START } from '@/core/teach/state';
import type { Row } from '@/core/plan/plan';
import { planWith } from '../plans';

const talking = (more: Partial<Extract<Row, { kind: 'talk' }>>): Row => ({
  kind: 'talk',
  id: 'talk',
  title: 'Ask Rosa about her wrist',
  durationMs: 30_000,
  ...more,
});
const feedOf = (...rows: readonly (string | Row)[]) => {
  const plan = planWith({ move: rows });
  const taught = rowsOfSnapshot({ plan, people: [], helpers: [], slotMs: 600_000, shown: [] }, CATALOGUE);
  return roomFeed({ classId: 'c', rate: 1 }, taught, START, CATALOGUE);
};

test('what an instructor notes for a talk is not for the room, a question is', () => {
  expect(feedOf(talking({})).row!.title).toBe('A moment to listen');
  const asked = talking({ question: true, text: 'What has been easier this week?' });
  expect(feedOf(asked).row!.title).toBe('What has been easier this week?');
  expect(feedOf('wrist-bend', talking({})).next).toBe('');
  expect(JSON.stringify(feedOf('wrist-bend', talking({})))).not.toContain('Rosa');
});

test('an easier way has its own picture: a smaller range, something to rest on, a thumb off the ball', () => {
  const { figure, easier, easierFigure } = feedOf('wrist-bend').row!;
  const flexed = (of: MovementFigure) => Math.abs(tellingPose(of.motion)['wrist.flexion']);
  expect(easier).toBe('half as far');
  expect(flexed(easierFigure!)).toBeLessThan(flexed(figure!) * 0.75);
  expect(feedOf('table-lean').row!.easierFigure!.person!.hands).toBe('forearms on the support');
  expect(feedOf('stroke-arms').row!.easier).not.toBe('');
});

test('the room is told an easier way that is fine for everyone, and whether hands are shaken out', () => {
  const { row } = feedOf('ball-squeeze', 'wrist-bend');
  expect(row).toMatchObject({ title: 'Ball squeeze', easier: expect.stringMatching(/^.+/), shakes: true });
  expect(feedOf('look-at-hands', talking({})).row).toMatchObject({ shakes: false });
});

test('the names of people stay out of what the room is told of the class', () => {
  const id = '00000000-0000-4000-8000-000000000001';
  const state = {
    ...START,
    away: [{ personId: id, how: 'left' as const }],
    owed: [{ rowId: 'x', bouts: [0] }],
  };
  const plan = planWith({ move: ['wrist-bend'] });
  const rows = rowsOfSnapshot({ plan, people: [], helpers: [], slotMs: 600_000, shown: [] }, CATALOGUE);
  expect(JSON.stringify(roomFeed({ classId: 'c', rate: 1 }, rows, state, CATALOGUE))).not.toContain(id);
});
