import type { Beat } from '../dose';
import { announced, passTold, undoWord, type TaughtRow } from '../teach';

/** One caption: [start, end) on the class clock, ms, and what it says. */
type Caption = {
  readonly id: string;
  readonly startMs: number;
  readonly endMs: number;
  readonly text: string;
};

const SIDES = { both: '', L: 'left', R: 'right', alternating: '' } as const;

/** The count of a class as captions, as planned: what is explained, then each number, change and rest. */
export const captionsOf = (rows: readonly TaughtRow[]): readonly Caption[] =>
  rows.flatMap((row, i): Caption[] => {
    const countFrom = row.plannedStartMs + row.setUpMs;
    const setUp: Caption = {
      id: `${i + 1}`,
      startMs: row.plannedStartMs,
      endMs: row.kind === 'movement' ? countFrom : row.plannedStartMs + row.plannedMs,
      text: row.title,
    };
    const beats = row.beats.map((beat, n): Caption => ({
      id: `${i + 1}.${n + 1}`,
      startMs: countFrom + beat.startMs,
      endMs: countFrom + beat.startMs + beat.durationMs,
      text: [row.title, beatWords(beat, row)].filter(Boolean).join(': '),
    }));
    return [setUp, ...beats].filter((c) => c.endMs > c.startMs);
  });

function beatWords(beat: Beat, { voice }: TaughtRow): string {
  const told = (word: string) =>
    [SIDES[beat.side], passTold(beat.pass), beat.layer, word].filter(Boolean).join(', ');
  const numbered = (what: string) => told(`${what}${beat.number} of ${beat.of}`);
  switch (beat.kind) {
    case 'rep':
      return numbered('');
    case 'hold':
      return beat.of > 1 ? numbered('hold ') : told('hold');
    case 'breath':
      return numbered('breath ');
    case 'step':
      return told(beat.step ?? '');
    case 'free':
      return told('');
    case 'relax':
      return undoWord(voice);
    case 'rest':
      return 'rest';
    case 'change':
      return announced(beat) || 'change';
  }
}

/** Captions as WebVTT. */
export const writeVtt = (captions: readonly Caption[], title: string): string =>
  [
    'WEBVTT',
    '',
    `NOTE ${oneLine(title)}`,
    ...captions.flatMap((c) => [
      '',
      c.id,
      `${stamp(c.startMs)} --> ${stamp(c.endMs)}`,
      escaped(oneLine(c.text)),
    ]),
    '',
  ].join('\n');

function stamp(ms: number): string {
  const whole = Math.round(ms);
  const two = (n: number) => String(n).padStart(2, '0');
  const [h, m, s] = [
    Math.floor(whole / 3_600_000),
    Math.floor(whole / 60_000) % 60,
    Math.floor(whole / 1_000) % 60,
  ];
  return `${two(h)}:${two(m)}:${two(s)}.${String(whole % 1_000).padStart(3, '0')}`;
}

/** A caption ends at an empty line, and an arrow would be read as times. */
const oneLine = (text: string): string => text.replace(/\s+/g, ' ').replaceAll('-->', '→').trim() || ' ';
const escaped = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');
