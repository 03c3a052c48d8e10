/** How the samples of a WAV file with one channel of 8 bits are written: as they are, or in mu-law (ITU-T G.711). */
type WavKind = 'PCM' | 'mu-law';
const FORMATS: Readonly<Record<WavKind, number>> = { PCM: 1, 'mu-law': 7 };

/** The head of a WAV file with so many samples, one channel, 8 bits. */
export function wavHead(kind: WavKind, samples: number, rate: number): Uint8Array<ArrayBuffer> {
  // What is not plain PCM says how long its format is, and how many samples there are.
  const extra = kind === 'PCM' ? 0 : 2;
  const fact = kind === 'PCM' ? 0 : 12;
  const head = new Uint8Array(44 + extra + fact);
  const view = new DataView(head.buffer);
  let at = 0;
  const text = (words: string) => {
    for (const c of words) view.setUint8(at++, c.charCodeAt(0));
  };
  const number = (value: number, bytes: 2 | 4) => {
    if (bytes === 4) view.setUint32(at, value, true);
    else view.setUint16(at, value, true);
    at += bytes;
  };
  text('RIFF');
  number(head.length - 8 + samples, 4);
  text('WAVEfmt ');
  number(16 + extra, 4);
  number(FORMATS[kind], 2);
  number(1, 2);
  number(rate, 4);
  number(rate, 4);
  number(1, 2);
  number(8, 2);
  if (kind !== 'PCM') {
    number(0, 2);
    text('fact');
    number(4, 4);
    number(samples, 4);
  }
  text('data');
  number(samples, 4);
  return head;
}

const BIAS = 33;
/** The largest whose eight bits do not run over. */
const MOST = 8_158;

/** A sample, -1 to 1, in the 8 bits of mu-law: as fine as 13 bits where it is quiet, and read by every player. */
export function muLaw(sample: number): number {
  const value = Math.max(-1, Math.min(1, sample)) * 8_191;
  const sign = value < 0 ? 0x80 : 0;
  const magnitude = Math.min(MOST, Math.round(Math.abs(value))) + BIAS;
  const exponent = Math.max(0, Math.floor(Math.log2(magnitude)) - 5);
  const mantissa = (magnitude >> (exponent + 1)) & 0x0f;
  return ~(sign | (exponent << 4) | mantissa) & 0xff;
}

/** A sample, -1 to 1, from its eight bits of mu-law. */
export function fromMuLaw(byte: number): number {
  const code = ~byte & 0xff;
  const exponent = (code >> 4) & 7;
  const magnitude = ((2 * (code & 15) + BIAS) << exponent) - BIAS;
  return ((code & 0x80 ? -1 : 1) * magnitude) / 8_191;
}
