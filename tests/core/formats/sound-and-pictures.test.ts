import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { WaveFile } from 'wavefile';
import { WebVTTParser } from 'webvtt-parser';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { wednesdayPlan } from '@/demo/plans';
import { captionsOf, writeVtt } from '@/core/formats/count-vtt';
import { clicksOf, clickTrack, sampleAt, WAV_RATE } from '@/core/formats/click-wav';
import { writeFigure } from '@/core/formats/figure-svg';
import { stillOf } from '@/core/hand/still';
import { rowsOfSnapshot } from '@/core/teach/snapshot';
import { emptyPlan } from '@/core/plan/plan';
import { person } from '../people';
import { planWith } from '../plans';

const rows = rowsOfSnapshot(
  { plan: wednesdayPlan(3), people: [person()], helpers: [], slotMs: 45 * 60_000, shown: [] },
  CATALOGUE,
);
const captions = captionsOf(rows);

describe('the count as captions', () => {
  test('another reader finds every caption with its times and words, and nothing to complain of', () => {
    const { cues, errors } = new WebVTTParser().parse(writeVtt(captions, 'Wednesday'), 'captions');
    expect(errors).toEqual([]);
    expect(
      cues.map((c) => [c.id, Math.round(c.startTime * 1_000), Math.round(c.endTime * 1_000), c.text]),
    ).toEqual(captions.map((c) => [c.id, Math.round(c.startMs), Math.round(c.endMs), c.text]));
  });

  test('captions follow each other, and there is one for every beat', () => {
    for (const [i, c] of captions.slice(1).entries())
      expect(c.startMs).toBeGreaterThanOrEqual(captions[i]!.endMs - 1);
    const beats = rows.reduce((n, r) => n + r.beats.length, 0);
    expect(captions.filter((c) => c.id.includes('.'))).toHaveLength(beats);
  });

  test('a caption says which hand and which way, what is held or breathed, and nothing that is not done', () => {
    const told = (id: string) => {
      const plan = planWith({ move: [id] });
      const taught = rowsOfSnapshot(
        { plan, people: [], helpers: [], slotMs: 600_000, shown: [id] },
        CATALOGUE,
      );
      return captionsOf(taught).map((c) => c.text.split(': ')[1]);
    };
    expect(told('ball-squeeze')).toEqual(
      expect.arrayContaining([
        'left, palm down, 6 of 6',
        'now the right, palm down',
        'right, palm up, 1 of 6',
      ]),
    );
    expect(new Set(told('look-at-hands').filter(Boolean))).toEqual(new Set(['palms down', 'palms up']));
    expect(told('closing-reading').filter(Boolean)).toEqual([]);
    expect(told('quiet-breath')).toContain('breath 2 of 10');
    expect(told('palms-press')).toEqual(expect.arrayContaining(['hold 1 of 3', 'and let go']));
  });

  test('a long series is counted once through its rows', () => {
    const four = {
      ...CATALOGUE.movement('wrist-bend')!.dose,
      count: { mode: 'reps', reps: 4, tempoMs: 3_000 },
      sets: 1,
    } as const;
    const row = (id: string) => ({
      kind: 'movement' as const,
      id,
      movementId: 'wrist-bend',
      dose: four,
      note: '',
    });
    const plan = emptyPlan();
    const sections = plan.sections.map((s) =>
      s.kind === 'move' ? { ...s, rows: [row('a'), { ...row('b'), continuesPrevious: true as const }] } : s,
    );
    const series = rowsOfSnapshot(
      { plan: { ...plan, sections }, people: [person()], helpers: [], slotMs: 45 * 60_000, shown: [] },
      CATALOGUE,
    );
    const counted = captionsOf(series).flatMap(
      ({ text }) => /(\d+) of (\d+)$/.exec(text)?.slice(1).map(Number) ?? [],
    );
    expect(counted.filter((_, i) => i % 2 === 0)).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
    expect(counted.at(-1)).toBe(8);
  });

  test('a title that looks like something else stays words', () => {
    const strange = { id: '1', startMs: 0, endMs: 1_000, text: 'a <b> & c --> d\n\n\nWEBVTT' };
    const { cues, errors } = new WebVTTParser().parse(writeVtt([strange], 'x --> y\n\nNOTE'), 'captions');
    expect(errors).toEqual([]);
    expect(cues).toHaveLength(1);
    expect(cues[0]!.text).not.toContain('\n');
  });
});

describe('the click track', () => {
  // The first minutes are enough; an hour takes the other reader long.
  const beginning = rows.slice(0, 8);
  const clicks = clicksOf(beginning);
  const end = Math.max(...captionsOf(beginning).map((c) => c.endMs));

  test('another reader finds a sound of the right length with something at every click and silence before', () => {
    const wav = new WaveFile(clickTrack(clicks, end));
    expect(wav.fmt).toMatchObject({ numChannels: 1, sampleRate: WAV_RATE, bitsPerSample: 8 });
    const samples = wav.getSamples(false, Uint8Array as never) as unknown as Uint8Array;
    expect(samples.length).toBe(2 * Math.ceil((end * WAV_RATE) / 2_000));
    const loud = (from: number) => samples.slice(from, from + 40).some((s) => Math.abs(s - 128) > 20);
    for (const { atMs } of clicks) expect(loud(sampleAt(atMs))).toBe(true);
    const gaps = clicks.slice(1).filter((c, i) => c.atMs - clicks[i]!.atMs > 150);
    for (const { atMs } of gaps.slice(0, 200)) {
      const before = sampleAt(atMs) - 20;
      expect(samples.slice(before, before + 19).every((s) => s === 128)).toBe(true);
    }
  });

  test('it says how far it is and ends at the whole', () => {
    const told: number[] = [];
    clickTrack(clicks, end, (share) => told.push(share));
    expect(told.length).toBeGreaterThan(10);
    expect(told.at(-1)).toBe(1);
    expect([...told].sort((a, b) => a - b)).toEqual(told);
  });
});

describe('figures', () => {
  test.each(MOVEMENTS.filter((_, i) => i % 9 === 0).map((m) => [m.id, m] as const))(
    '%s is a picture of its own that another reader takes',
    (_, movement) => {
      const svg = writeFigure(stillOf(CATALOGUE.figure(movement.id)!), movement.name, movement.what);
      expect(XMLValidator.validate(svg)).toBe(true);
      const { svg: read } = new XMLParser({ ignoreAttributes: false }).parse(svg) as {
        svg: { title: { '#text': string }; path: { '@_fill': string; '@_d': string }[] };
      };
      expect(read.title['#text']).toBe(movement.name);
      expect(read.path.length).toBeGreaterThan(3);
      // Nothing that only the app's own style sheet knows.
      expect(svg).not.toContain('var(');
      expect(read.path.every((p) => !p['@_d'].includes('NaN'))).toBe(true);
    },
  );

  test('a title cannot break out of its place', () => {
    const svg = writeFigure(stillOf(CATALOGUE.figure('wrist-bend')!), '</title><script>', '& "x"');
    expect(XMLValidator.validate(svg)).toBe(true);
    expect(svg).not.toContain('<script>');
  });
});
