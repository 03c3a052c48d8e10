import { readFileSync, writeFileSync } from 'node:fs';

const HEADER = 44;

/** A recording with one channel of 16-bit samples. */
export function readWav(path: string): { readonly samples: Float32Array; readonly rate: number } {
  const bytes = readFileSync(path);
  const data = bytes.indexOf('data') + 8;
  const samples = new Float32Array((bytes.length - data) >> 1);
  for (let i = 0; i < samples.length; i++) samples[i] = bytes.readInt16LE(data + 2 * i) / 32_768;
  return { samples, rate: bytes.readUInt32LE(24) };
}

export function writeWav(path: string, samples: Float32Array, rate: number) {
  const bytes = Buffer.alloc(HEADER + samples.length * 2);
  bytes.write('RIFF', 0);
  bytes.writeUInt32LE(bytes.length - 8, 4);
  bytes.write('WAVEfmt ', 8);
  bytes.writeUInt32LE(16, 16);
  bytes.writeUInt16LE(1, 20);
  bytes.writeUInt16LE(1, 22);
  bytes.writeUInt32LE(rate, 24);
  bytes.writeUInt32LE(rate * 2, 28);
  bytes.writeUInt16LE(2, 32);
  bytes.writeUInt16LE(16, 34);
  bytes.write('data', 36);
  bytes.writeUInt32LE(samples.length * 2, 40);
  samples.forEach((s, i) =>
    bytes.writeInt16LE(Math.round(Math.max(-1, Math.min(1, s)) * 32_767), HEADER + 2 * i),
  );
  writeFileSync(path, bytes);
}
