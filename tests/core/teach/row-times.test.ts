import { CATALOGUE } from '@/catalogue/movements';
import { recordByRow } from '@/core/teach/progress';
import { classTimes, rowTimes } from '@/core/teach/row-times';
import { rowsOfSnapshot } from '@/core/teach/snapshot';
import type { TeachEvent } from '@/core/teach/state';
import { planWith, rest } from '../plans';

const plan = planWith({
  move: ['wrist-bend', 'palms-turn', 'open-close'],
  ease: [rest('pause', 'water', 60)],
});
const snapshot = { plan, people: [], helpers: [], slotMs: 2_700_000, shown: [] };

test('each row says what it took, and why it was not done in full; the class adds them up', () => {
  const rows = rowsOfSnapshot(snapshot, CATALOGUE);
  const events: TeachEvent[] = [
    { kind: 'enter', rowId: 'wrist-bend', atMs: 0 },
    { kind: 'count', rowId: 'wrist-bend', atMs: 5_000 },
    { kind: 'enter', rowId: 'palms-turn', atMs: 40_000 },
    { kind: 'skip', rowId: 'palms-turn', atMs: 41_000 },
    { kind: 'enter', rowId: 'open-close', atMs: 42_000 },
    { kind: 'enter', rowId: 'pause', atMs: 50_000 },
    { kind: 'end', rowId: null, atMs: 80_000 },
  ];
  const times = rowTimes(rows, recordByRow(events));
  expect(times.map(({ rowId, actualMs, left }) => [rowId, actualMs, left])).toEqual([
    ['wrist-bend', 40_000, ''],
    ['palms-turn', 2_000, 'skipped'],
    ['open-close', 8_000, 'not counted'],
    ['pause', 30_000, ''],
  ]);
  expect(classTimes(times)).toEqual({
    plannedMs: rows.reduce((n, r) => n + r.plannedMs, 0),
    actualMs: 80_000,
  });
  expect(rowTimes(rows, new Map()).every((t) => t.left === 'not reached' && t.actualMs === 0)).toBe(true);
});
