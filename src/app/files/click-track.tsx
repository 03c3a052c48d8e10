'use client';

import { useCallback, useEffect, useState } from 'react';
import type { WavClick } from '@/core/formats';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';
import { useWorkerJob } from '@/ui/hooks/use-worker-job';
import type { TrackJob, TrackReply } from '@/workers/track-job';

type Track = { readonly name: string; readonly clicks: readonly WavClick[]; readonly lengthMs: number };

/** The clicks of a whole class as a sound file, made on this computer. */
export function ClickTrack({ classId }: { classId: string }) {
  const [name, setName] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const makeWorker = useCallback(
    () => new Worker(new URL('../../workers/track-worker.ts', import.meta.url), { type: 'module' }),
    [],
  );
  const { reply, running, failed, start, stop } = useWorkerJob<TrackJob, TrackReply>(makeWorker);
  useEffect(() => {
    if (reply?.kind !== 'done') return;
    const url = URL.createObjectURL(new Blob([reply.file], { type: 'audio/wav' }));
    const link = Object.assign(document.createElement('a'), { href: url, download: name });
    link.click();
    // The browser has its copy by then.
    const timer = setTimeout(() => URL.revokeObjectURL(url), 60_000);
    return () => clearTimeout(timer);
  }, [reply, name]);
  const make = async () => {
    const track = await requestJson<Track>('GET', `/api/classes/${classId}/clicks`);
    setTrouble(track.ok ? null : track.message);
    if (!track.ok) return;
    setName(track.value.name);
    start({ clicks: track.value.clicks, lengthMs: track.value.lengthMs });
  };
  return (
    <>
      {running ? (
        <Button onClick={stop}>
          Stop at {Math.round((reply?.kind === 'share' ? reply.share : 0) * 100)} %
        </Button>
      ) : (
        <Button onClick={make}>Clicks, WAV</Button>
      )}
      <Trouble message={failed ? 'The sound could not be made in this browser.' : trouble} />
    </>
  );
}
