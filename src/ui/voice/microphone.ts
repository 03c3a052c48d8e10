import { fail, ok, type Result } from '@/core/result';

export type Microphone = {
  readonly sampleRate: number;
  /** What is heard for so long from now on. */
  readonly listen: (seconds: number) => Promise<Float32Array>;
  readonly close: () => void;
};

const REFUSED = 'The browser did not give the microphone. Allow it for this page, then try again.';

/** The microphone, with the browser's own removal of echo and noise; without HTTPS browsers give none but on this computer. */
export async function openMicrophone(): Promise<Result<Microphone>> {
  if (!navigator.mediaDevices?.getUserMedia)
    return fail('unreachable', 'This page came without HTTPS, so the browser gives it no microphone.');
  try {
    const stream = await navigator.mediaDevices.getUserMedia({ audio: true });
    const context = new AudioContext();
    await context.audioWorklet.addModule('/voice/capture.js');
    const capture = new AudioWorkletNode(context, 'capture');
    context.createMediaStreamSource(stream).connect(capture);
    return ok({
      sampleRate: context.sampleRate,
      listen: (seconds) => heardFor(capture.port, seconds * context.sampleRate),
      close: () => {
        for (const track of stream.getTracks()) track.stop();
        void context.close();
      },
    });
  } catch {
    return fail('unreachable', REFUSED);
  }
}

/** So many samples as they come in. */
const heardFor = (port: MessagePort, samples: number): Promise<Float32Array> =>
  new Promise((resolve) => {
    const heard = new Float32Array(Math.ceil(samples));
    let at = 0;
    port.onmessage = ({ data }: MessageEvent<Float32Array>) => {
      heard.set(data.subarray(0, heard.length - at), at);
      at = Math.min(heard.length, at + data.length);
      if (at < heard.length) return;
      port.onmessage = null;
      resolve(heard);
    };
  });
