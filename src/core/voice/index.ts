export { voiceWords } from './words';
export { CLIP_GAP_MS, clipsOf, clipTimes, spokenMs } from './clips';
export { LONGEST_WORD_S, OWN_WORDS, ownWordSchema, SPEECH_RATE, type OwnWord } from './own-words';
export { fromMuLaw, muLaw, wavHead } from './wav';
export { asClip, spokenPart } from './sound';
export { BESIDE_VOICE, END_GAIN, RISE_S, TONES, toneSamples, type Tone } from './tones';
