'use client';

import { useState } from 'react';
import type { Result } from '@/core/result';
import { useSaveFile } from '@/ui/hooks/use-save-file';
import { useWorkerJob } from '@/ui/hooks/use-worker-job';
import type { FileReply } from '@/workers/file-reply';
import { Button } from './button';
import { Trouble } from './field';

type Props<Job> = {
  label: string;
  type: string;
  /** Stays the same as long as the worker is. */
  makeWorker: () => Worker;
  /** What the worker is given, and the name of the file. */
  prepare: () => Promise<Result<{ readonly name: string; readonly job: Job }>>;
};

/** A file that is made on this computer in a worker, with how far it is, and kept where the browser keeps files. */
export function MadeFileButton<Job>({ label, type, makeWorker, prepare }: Props<Job>) {
  const [name, setName] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const { reply, running, failed, start, stop } = useWorkerJob<Job, FileReply>(makeWorker);
  useSaveFile(reply?.kind === 'done' ? reply.file : null, type, name);
  const make = async () => {
    const prepared = await prepare();
    setTrouble(prepared.ok ? null : prepared.message);
    if (!prepared.ok) return;
    setName(prepared.value.name);
    start(prepared.value.job);
  };
  return (
    <>
      {running ? (
        <Button onClick={stop}>
          Stop at {Math.round((reply?.kind === 'share' ? reply.share : 0) * 100)} %
        </Button>
      ) : (
        <Button onClick={make}>{label}</Button>
      )}
      <Trouble message={failed ? 'The file could not be made in this browser.' : trouble} />
    </>
  );
}
