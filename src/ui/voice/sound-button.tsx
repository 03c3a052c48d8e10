'use client';

import { SOUND_RATE, type SoundScore } from '@/core/formats';
import { ok } from '@/core/result';
import { MadeFileButton } from '@/ui/form/made-file-button';
import { requestJson } from '@/ui/request-json';
import type { SoundJob } from '@/workers/sound-job';
import { useCountSettings } from '@/ui/hooks/use-count-settings';
import { openVoice, type VoiceOf } from './voice';

const makeWorker = () =>
  new Worker(new URL('../../workers/sound-worker.ts', import.meta.url), { type: 'module' });

/** A count with its voice as one sound file. */
export function SoundButton({ from, label }: { from: string; label: string }) {
  const [{ voice }] = useCountSettings();
  const prepare = async () => {
    const toMake = await requestJson<{ name: string; score: SoundScore }>('GET', from);
    if (!toMake.ok) return toMake;
    const { name, score } = toMake.value;
    return ok({ name, job: { score, clips: await samplesOf(score, voice) } });
  };
  return <MadeFileButton label={label} type="audio/wav" makeWorker={makeWorker} prepare={prepare} />;
}

/** Each clip that a score needs, once, at the rate of the file. */
async function samplesOf({ clips }: SoundScore, of: VoiceOf): Promise<SoundJob['clips']> {
  const words = [...new Set(clips.map((c) => c.clip))];
  const voice = openVoice(of, SOUND_RATE);
  await voice.prepare(words);
  return words.flatMap((word) => {
    const [clip] = voice.clips(word) ?? [];
    if (!clip) return [];
    const from = Math.round(clip.from * SOUND_RATE);
    const to = from + Math.round(clip.seconds * SOUND_RATE);
    return [[word, clip.buffer.getChannelData(0).slice(from, to)] as const];
  });
}
