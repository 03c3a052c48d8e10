import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { MOVEMENTS } from '@/catalogue/movements';
import { CLIP_GAP_MS, clipsOf, clipTimes, spokenMs, voiceWords } from '@/core/voice';
import { LENGTHS } from '@/core/voice/lengths';
import { COUNT_ORDERS, COUNT_UNITS } from '@/core/teach/count-style';
import { soundOfRow } from '@/core/teach/row-sound';
import { rowsOfSnapshot } from '@/core/teach/snapshot';
import { CATALOGUE } from '@/catalogue/movements';
import { planWith } from '../plans';

const lengths = LENGTHS;
const read = (name: string) => JSON.parse(readFileSync(`public/voice/${name}`, 'utf8'));

test('the voice has a clip for every phrase it may be asked for, and no other; npm run voice makes them', () => {
  expect(Object.keys(lengths).sort()).toEqual([...voiceWords(MOVEMENTS)].sort());
});

test('everything that is said over any movement, in any style, is in the voice', () => {
  for (const movement of MOVEMENTS) {
    const plan = planWith({ move: [movement.id] });
    const [row] = rowsOfSnapshot({ plan, people: [], helpers: [], slotMs: 0, shown: [] }, CATALOGUE);
    for (const order of COUNT_ORDERS)
      for (const unit of COUNT_UNITS)
        for (const { word } of soundOfRow(row!, { order, unit }).sayings)
          expect({ movement: movement.id, word, clips: clipsOf(word) }).toMatchObject({
            clips: expect.arrayContaining([expect.any(String)]),
          });
  }
});

test.each(['opus', 'mp3'])(
  'the clips of the %s file lie one after the other in it and begin as such files do',
  (kind) => {
    const bytes = readFileSync(`public/voice/clips.${kind}`);
    const places: Record<string, [number, number]> = read(`clips.${kind}.json`);
    expect(Object.keys(places).sort()).toEqual(Object.keys(lengths).sort());
    const inOrder = Object.values(places).sort((a, b) => a[0] - b[0]);
    inOrder.forEach(([from, length], i) => {
      expect(from + length).toBe(inOrder[i + 1]?.[0] ?? bytes.length);
      const head = bytes.subarray(from, from + 4).toString('latin1');
      expect(head).toMatch(kind === 'opus' ? /^OggS/ : /^(ID3|\xff[\xe0-\xff])/);
    });
  },
);

test('both files together stay under 8 MB', () => {
  const size = (kind: string) => readFileSync(`public/voice/clips.${kind}`).length;
  expect(size('opus') + size('mp3')).toBeLessThan(8_000_000);
});

test('a recogniser understands the sides, the usual passes and all but a few of the rest', () => {
  const proof: { asked: Record<string, number>; which: string[] } = read('proof.json');
  expect(proof.asked.numbers! + proof.asked.words!).toBe(Object.keys(lengths).length);
  expect(proof.which.length).toBeLessThanOrEqual(proof.asked.words! * 0.01);
  for (const word of [
    'the left',
    'the right',
    'now the left',
    'now the right',
    'one way',
    'the other way',
    'rest',
  ])
    expect(proof.which).not.toContain(word);
});

test('a phrase of parts is put together with a short gap, and takes as long as its parts', () => {
  expect(clipTimes('the left, palm down')).toEqual([
    { clip: 'the left', atMs: 0 },
    { clip: 'palm down', atMs: lengths['the left']! + CLIP_GAP_MS },
  ]);
  expect(spokenMs('the left, palm down')).toBe(lengths['the left']! + CLIP_GAP_MS + lengths['palm down']!);
  expect(spokenMs('a pass of somebody’s own')).toBeNull();
  expect(clipsOf('the left, a pass of somebody’s own')).toBeNull();
});

test('a number is said in about a second, and any phrase within eight', () => {
  fc.assert(
    fc.property(fc.constantFrom(...Object.keys(lengths)), (phrase) => {
      expect(lengths[phrase]).toBeGreaterThan(80);
      expect(lengths[phrase]).toBeLessThan(8_000);
    }),
  );
  for (let n = 1; n < 100; n++) expect(lengths[n]).toBeLessThan(1_200);
});
