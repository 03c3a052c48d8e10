'use client';

import { ok } from '@/core/result';
import { MadeFileButton } from '@/ui/form/made-file-button';
import { requestJson } from '@/ui/request-json';
import type { TrackJob } from '@/workers/track-job';

const makeWorker = () =>
  new Worker(new URL('../../workers/track-worker.ts', import.meta.url), { type: 'module' });

/** The clicks of a whole class as a sound file. */
export function ClickTrack({ classId }: { classId: string }) {
  const prepare = async () => {
    const track = await requestJson<TrackJob & { name: string }>('GET', `/api/classes/${classId}/clicks`);
    return track.ok ? ok({ name: track.value.name, job: track.value }) : track;
  };
  return <MadeFileButton label="Clicks, WAV" type="audio/wav" makeWorker={makeWorker} prepare={prepare} />;
}
