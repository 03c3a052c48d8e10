import { WaveFile } from 'wavefile';
import { CATALOGUE } from '@/catalogue/movements';
import { scoreOf, soundFile, SOUND_RATE } from '@/core/formats';
import { rowsOfSnapshot } from '@/core/teach/snapshot';
import { clipTimes, fromMuLaw, muLaw } from '@/core/voice';
import { planWith } from '../plans';

const FEW = { count: { mode: 'reps', reps: 4, tempoMs: 3_000 } } as const;
const rows = rowsOfSnapshot(
  {
    plan: planWith({
      move: [
        ['wrist-circles-table', FEW],
        ['ball-squeeze', FEW],
      ],
    }),
    people: [],
    helpers: [],
    slotMs: 0,
    shown: [],
  },
  CATALOGUE,
);
const score = scoreOf(rows);

test('a class is told by each movement’s name, then its count; no clip runs into the next', () => {
  const names = rows.flatMap((r) => clipTimes(r.title).map((c) => c.clip));
  expect(score.clips.map((c) => c.clip)).toEqual(
    expect.arrayContaining([...names, 'and', '2', 'now the right']),
  );
  score.clips.forEach((c, i) => {
    if (i > 0) expect(c.atMs).toBeGreaterThanOrEqual(score.clips[i - 1]!.untilMs);
    expect(c.untilMs).toBeGreaterThan(c.atMs);
  });
  expect(score.lengthMs).toBe(rows.at(-1)!.plannedStartMs + rows.at(-1)!.plannedMs);
});

test('mu-law keeps a sample to within a fortieth of itself', () => {
  for (let sample = -1; sample <= 1; sample += 0.001) {
    const error = Math.abs(fromMuLaw(muLaw(sample)) - Math.max(-0.996, Math.min(0.996, sample)));
    expect(error).toBeLessThan(Math.max(0.001, Math.abs(sample) / 25));
  }
});

test('the file is as long as the class, silent where nothing sounds, and has each clip in its place', () => {
  const clip = new Float32Array(SOUND_RATE / 10).fill(0.5);
  const clips = new Map(score.clips.map((c) => [c.clip, clip]));
  const shares: number[] = [];
  const file = soundFile(score, clips, (share) => shares.push(share));
  const read = new WaveFile(file);
  expect(read.fmt).toMatchObject({
    audioFormat: 7,
    numChannels: 1,
    sampleRate: SOUND_RATE,
    bitsPerSample: 8,
  });
  expect(file.length - 58).toBeGreaterThanOrEqual((score.lengthMs * SOUND_RATE) / 1_000 - 2);
  const at = (ms: number) => fromMuLaw(file[58 + Math.round((ms * SOUND_RATE) / 1_000)]!);
  expect(at(0)).toBeCloseTo(0);
  for (const { atMs, untilMs } of score.clips) {
    const middle = atMs + Math.min(50, (untilMs - atMs) / 2);
    expect(at(middle)).toBeGreaterThan(0.2);
  }
  expect(shares.at(-1)).toBe(1);
  expect([...shares].sort((a, b) => a - b)).toEqual(shares);
});
