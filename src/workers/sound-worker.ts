import { soundFile } from '@/core/formats';
import type { FileReply } from './file-reply';
import type { SoundJob } from './sound-job';

self.onmessage = ({ data: { score, clips } }: MessageEvent<SoundJob>) => {
  const reply = (message: FileReply, transfer: Transferable[] = []) =>
    (self as unknown as Worker).postMessage(message, transfer);
  const file = soundFile(score, new Map(clips), (share) => reply({ kind: 'share', share }));
  reply({ kind: 'done', file }, [file.buffer]);
};
