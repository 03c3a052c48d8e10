import type { TaughtRow } from '../teach';
import { wavHead } from '../voice';

/** One click of a track: when, ms, and how it sounds. */
export type WavClick = { readonly atMs: number; readonly hz: number };

/** 8 bits are enough for clicks and keep an hour under 40 MB. */
export const WAV_RATE = 11_025;
const [COUNT_HZ, FIRST_HZ, CHANGE_HZ, ROW_HZ] = [880, 1_320, 440, 660];
const CLICK_MS = 60;
const LOUD = 110;
const SILENT = 128;
/** Samples written before the caller hears how far it is. */
const STRETCH = WAV_RATE * 30;

/** The clicks of a class as planned: a low one when a row begins, a high one on the first of a count, a deep one at a change. */
export const clicksOf = (rows: readonly TaughtRow[]): readonly WavClick[] =>
  rows.flatMap((row): WavClick[] => {
    const countFrom = row.plannedStartMs + row.setUpMs;
    const beats = row.beats
      .filter((b) => b.kind !== 'relax')
      .map((b): WavClick => ({
        atMs: countFrom + b.startMs,
        hz: b.kind === 'change' || b.kind === 'rest' ? CHANGE_HZ : b.number === 1 ? FIRST_HZ : COUNT_HZ,
      }));
    return [{ atMs: row.plannedStartMs, hz: ROW_HZ }, ...beats];
  });

/** Clicks as a WAV file (PCM, mono, 8 bits), so long; `onShare` is told how much of it is done, 0 to 1. */
export function clickTrack(
  clicks: readonly WavClick[],
  lengthMs: number,
  onShare: (share: number) => void = () => {},
): Uint8Array<ArrayBuffer> {
  // An even number, since a WAV file has no odd ones.
  const samples = 2 * Math.ceil((lengthMs * WAV_RATE) / 2_000);
  const head = wavHead('PCM', samples, WAV_RATE);
  const file = new Uint8Array(head.length + samples);
  file.set(head);
  const sound = file.subarray(head.length);
  for (let from = 0; from < samples; from += STRETCH) {
    sound.fill(SILENT, from, Math.min(samples, from + STRETCH));
    onShare(Math.min(1, (from + STRETCH) / samples) * 0.5);
  }
  clicks.forEach((click, i) => {
    writeClick(sound, click);
    if (i % 200 === 0) onShare(0.5 + (0.5 * i) / clicks.length);
  });
  onShare(1);
  return file;
}

/** A short tone that rises at once and dies away. */
function writeClick(sound: Uint8Array, { atMs, hz }: WavClick): void {
  const from = sampleAt(atMs);
  const length = Math.round((CLICK_MS * WAV_RATE) / 1_000);
  for (let i = 0; i < length && from + i < sound.length; i++) {
    const loud = LOUD * (1 - i / length) ** 2;
    sound[from + i] = SILENT + Math.round(loud * Math.sin((2 * Math.PI * hz * (i + 0.25)) / WAV_RATE));
  }
}

export const sampleAt = (atMs: number): number => Math.round((atMs * WAV_RATE) / 1_000);
