import { clickTrack } from '@/core/formats';
import type { TrackJob, TrackReply } from './track-job';

self.onmessage = ({ data: { clicks, lengthMs } }: MessageEvent<TrackJob>) => {
  const reply = (message: TrackReply, transfer: Transferable[] = []) =>
    (self as unknown as Worker).postMessage(message, transfer);
  const file = clickTrack(clicks, lengthMs, (share) => reply({ kind: 'share', share }));
  reply({ kind: 'done', file }, [file.buffer]);
};
