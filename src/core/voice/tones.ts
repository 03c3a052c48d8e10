export type Tone = 'count' | 'second' | 'breath' | 'change';

type Shape = { readonly hz: number; readonly seconds: number; readonly gain: number };

/** How each click sounds: its pitch, how long it dies away, and how loud it begins, of full scale. */
export const TONES: Readonly<Record<Tone, Shape>> = {
  count: { hz: 880, seconds: 0.05, gain: 0.6 },
  second: { hz: 520, seconds: 0.04, gain: 0.28 },
  breath: { hz: 330, seconds: 0.35, gain: 0.38 },
  change: { hz: 660, seconds: 0.3, gain: 0.5 },
};
/** How quickly a click rises, s, and what is left of it at its end. */
export const RISE_S = 0.004;
export const END_GAIN = 0.001;
/** Beside a voice a click is only its edge. */
export const BESIDE_VOICE = 0.35;

/** A click as samples. */
export function toneSamples(tone: Tone, rate: number, loud: number): Float32Array {
  const { hz, seconds, gain } = TONES[tone];
  const fall = Math.log(END_GAIN / gain) / (seconds - RISE_S);
  return Float32Array.from({ length: Math.round(seconds * rate) }, (_, i) => {
    const t = i / rate;
    const level = t < RISE_S ? t / RISE_S : Math.exp(fall * (t - RISE_S));
    return gain * loud * level * Math.sin(2 * Math.PI * hz * t);
  });
}
