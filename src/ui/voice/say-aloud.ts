/** By the browser's own voice, for words that no sound file has; never required: without one the clicks carry the count. */
export function sayAloud(words: string, volume: number) {
  if (typeof speechSynthesis === 'undefined' || speechSynthesis.getVoices().length === 0) return;
  const spoken = new SpeechSynthesisUtterance(words);
  spoken.rate = 1.1;
  spoken.volume = volume;
  speechSynthesis.cancel();
  speechSynthesis.speak(spoken);
}

export function hush() {
  if (typeof speechSynthesis !== 'undefined') speechSynthesis.cancel();
}
