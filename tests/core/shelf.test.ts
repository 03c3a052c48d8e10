import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { DECLINED } from '@/catalogue/declined';
import { findDeclined } from '@/core/shelf/search';
import { ANY_MOVEMENT, settledVerdict, shelved, type ShelfFilter } from '@/core/shelf/shelf';
import { verdictFor } from '@/core/screening/verdict';
import { person } from './people';

const screening = { table: CAUTIONS, catalogue: CATALOGUE, today: '2026-11-25' };
const facts = {
  screening,
  lastDone: { 'ball-squeeze': '2026-11-18', 'cloth-wring': '2026-10-01' },
  restedBefore: '2026-11-04',
};
const shelf = (filter: Partial<ShelfFilter>) =>
  shelved(MOVEMENTS, { ...ANY_MOVEMENT, ...filter }, facts).map((m) => m.id);

test('with nothing chosen everything is there', () => {
  expect(shelf({})).toEqual(MOVEMENTS.map((m) => m.id));
});

test('choices narrow together', () => {
  const both = shelf({ purpose: 'grip', propId: 'cloth' });
  expect(both).toEqual(expect.arrayContaining(['cloth-wring', 'cloth-walk']));
  expect(both).not.toContain('cloth-pull');
  expect(shelf({ purpose: 'grip', propId: 'cloth', joint: 'forearm' })).toEqual(['cloth-wring']);
  expect(shelf({ propId: 'none' })).not.toContain('ball-squeeze');
  expect(shelf({ position: 'floor' })).toEqual([
    'all-fours',
    'feet-walked-back',
    'straight-body-lean',
    'rocking',
    'circles-on-all-fours',
  ]);
});

test('a second purpose counts as one', () => {
  expect(shelf({ purpose: 'ease' })).toContain('wrist-shake');
});

test('not done for three weeks leaves out what was done since, keeps what was never done', () => {
  const rested = shelf({ rested: true });
  expect(rested).not.toContain('ball-squeeze');
  expect(rested).toEqual(expect.arrayContaining(['cloth-wring', 'ring-squeeze']));
});

test('safe with a condition is what its settled owner may do, adapted or not', () => {
  const safe = shelf({ safeFor: 'median-nerve' });
  expect(safe).not.toContain('table-lean');
  expect(safe).toContain('five-shapes');
  const who = person({
    conditions: [{ conditionId: 'median-nerve', side: 'both', state: 'settled', since: null, spots: [] }],
  });
  for (const m of MOVEMENTS) {
    const kind = verdictFor(who, m, m.dose, screening).worst;
    expect([m.id, safe.includes(m.id)]).toEqual([m.id, kind === 'do' || kind === 'adapt']);
  }
  expect(settledVerdict(CATALOGUE.movement('ball-squeeze')!, 'thumb-base', screening)).toBe('adapt');
});

test('what was left out on purpose is found by its name', () => {
  expect(findDeclined(DECLINED, 'joint lock').map((d) => d.id)).toEqual(['leveraged-lock']);
  expect(findDeclined(DECLINED, 'ball')).toEqual([]);
  expect(findDeclined(DECLINED, '')).toHaveLength(DECLINED.length);
});
