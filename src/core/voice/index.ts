export { voiceWords } from './words';
export { CLIP_GAP_MS, clipsOf, clipTimes, spokenMs } from './clips';
export { asClip, spokenPart } from './sound';
export { BESIDE_VOICE, END_GAIN, RISE_S, TONES, toneSamples, type Tone } from './tones';
