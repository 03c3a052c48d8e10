import fc from 'fast-check';
import { changesOf, isSame } from '@/core/backup/changes';
import { BACKUP_KINDS, readHeader, readLine, type BackupHeader } from '@/core/backup/header';
import { backupName, isDue, KEPT, readBackupName, toRemove } from '@/core/backup/keep';

const day = fc
  .integer({ min: 0, max: 4_000 })
  .map((n) => new Date(Date.UTC(2024, 0, 1) + n * 86_400_000).toISOString().slice(0, 10));
const two = (most: number) => fc.integer({ min: 0, max: most }).map((n) => String(n).padStart(2, '0'));
const time = fc.tuple(two(23), two(59), two(59)).map((t) => t.join(':'));
const kind = fc.constantFrom(...BACKUP_KINDS);

test('a name says when and why, and is read back', () => {
  fc.assert(
    fc.property(day, time, kind, (d, t, k) => {
      const name = backupName(d, t, k);
      expect(readBackupName(name)).toEqual({ name, kind: k, made: `${d} ${t.slice(0, 5)}` });
    }),
  );
});

test.each([
  'holiday.txt',
  '2026-11-27-025104-daily.oskil.part',
  '../2026-11-27-025104-daily.oskil',
  '2026-11-27-025104-weekly.oskil',
  '2026-11-27-025104-daily.oskil/x',
  '',
])('%s is no backup', (name) => {
  expect(readBackupName(name)).toBeNull();
});

test('of each kind the newest fourteen stay, and nothing that is not ours is taken away', () => {
  const names = fc.uniqueArray(
    fc.tuple(day, time, kind).map(([d, t, k]) => backupName(d, t, k)),
    { maxLength: 80 },
  );
  fc.assert(
    fc.property(names, (there) => {
      const gone = toRemove([...there, 'mine.txt'], '9999');
      expect(gone).not.toContain('mine.txt');
      for (const k of BACKUP_KINDS) {
        const own = there.filter((n) => readBackupName(n)!.kind === k).sort();
        const kept = own.filter((n) => !gone.includes(n));
        expect(kept).toEqual(own.slice(-KEPT));
      }
    }),
  );
});

test('the one just made is never taken away, whatever the clock said when the others were', () => {
  const names = fc.uniqueArray(
    fc.tuple(day, time).map(([d, t]) => backupName(d, t, 'daily')),
    { minLength: 1, maxLength: 40 },
  );
  fc.assert(
    fc.property(names, fc.nat(), (there, i) => {
      const made = there[i % there.length]!;
      const gone = toRemove(there, made);
      expect(gone).not.toContain(made);
      expect(there.length - gone.length).toBe(Math.min(there.length, KEPT));
      // Those of a clock that ran ahead go before any that is older than this one.
      const later = there.filter((n) => n > made && !gone.includes(n));
      if (later.length > 0) expect(gone.every((n) => n > made)).toBe(true);
    }),
  );
});

test('one a day, and never while somebody teaches', () => {
  const today = backupName('2026-11-27', '08:00:00', 'daily');
  const yesterday = backupName('2026-11-26', '08:00:00', 'daily');
  expect(isDue([], '2026-11-27', false)).toBe(true);
  expect(isDue([yesterday], '2026-11-27', false)).toBe(true);
  expect(isDue([today], '2026-11-27', false)).toBe(false);
  expect(isDue([yesterday], '2026-11-27', true)).toBe(false);
  expect(isDue([backupName('2026-11-27', '08:00:00', 'asked for')], '2026-11-27', false)).toBe(true);
});

const HEADER: BackupHeader = {
  oskil: 'backup',
  version: 1,
  migration: 12,
  madeAt: '2026-11-27T09:00:00.000Z',
  kind: 'daily',
};
test.each<[string, unknown, string | null]>([
  ['as we write it', HEADER, null],
  ['of an older Oskil', { ...HEADER, migration: 3 }, null],
  ['of a newer Oskil', { ...HEADER, migration: 99 }, 'newer'],
  ['of a newer form', { ...HEADER, version: 2 }, 'newer'],
  ['of something else', { oskil: 'plan' }, 'no-backup'],
  ['with a part missing', { ...HEADER, madeAt: undefined }, 'damaged'],
  ['no object', 7, 'no-backup'],
])('a header %s', (_, header, code) => {
  const read = readHeader(JSON.stringify(header), 14);
  if (code === null) expect(read.ok).toBe(true);
  else expect(read).toMatchObject({ ok: false, code });
});

test('a line that cannot be read is neither row nor end, whatever is in it', () => {
  fc.assert(fc.property(fc.string(), (line) => void readLine(line)));
  expect(readLine('["person",{"id":1}]')).toEqual(['person', { id: 1 }]);
  for (const bad of ['', 'x', '["person"]', '["Person; drop",{}]', '{"rows":1}', '[1,{}]'])
    expect(readLine(bad)).toBeNull();
});

const held = fc.uniqueArray(
  fc.record({
    id: fc.integer({ max: 30, min: 0 }).map(String),
    name: fc.string({ maxLength: 5 }),
    digest: fc.constantFrom('a', 'b'),
  }),
  { selector: (h) => h.id, maxLength: 20 },
);

test('every thing is lost, back, changed or the same, and only once', () => {
  fc.assert(
    fc.property(held, held, (now, then) => {
      const change = changesOf('People', now, then);
      const both = now.filter((n) => then.some((t) => t.id === n.id));
      expect(change.lost.length + both.length).toBe(now.length);
      expect(change.back.length + both.length).toBe(then.length);
      expect(change.changed.length).toBeLessThanOrEqual(both.length);
      expect(isSame(changesOf('People', now, now))).toBe(true);
    }),
  );
});
