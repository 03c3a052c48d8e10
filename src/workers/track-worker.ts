import { clickTrack } from '@/core/formats';
import type { FileReply } from './file-reply';
import type { TrackJob } from './track-job';

self.onmessage = ({ data: { clicks, lengthMs } }: MessageEvent<TrackJob>) => {
  const reply = (message: FileReply, transfer: Transferable[] = []) =>
    (self as unknown as Worker).postMessage(message, transfer);
  const file = clickTrack(clicks, lengthMs, (share) => reply({ kind: 'share', share }));
  reply({ kind: 'done', file }, [file.buffer]);
};
