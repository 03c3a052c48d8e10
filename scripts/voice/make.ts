// Makes the voice that ships with Oskil anew: every phrase of core/voice/words by festival's HTS voice, cut and levelled, each take
// proved by a recogniser, packed twice (Opus, and MP3 for browsers that lack it). Needs festival, festvox-us-slt-hts, opus-tools, sox,
// libsox-fmt-mp3, pocketsphinx and pocketsphinx-en-us. Run by `npm run voice`.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { MOVEMENTS } from '@/catalogue/movements';
import { asClip, voiceWords } from '@/core/voice';
import { heard, isNumber } from './hear';
import { readWav, writeWav } from './wav';

/** How fast each take is: the next is tried where the one before was not understood. */
const TAKES = [1, 0.85, 0.75, 0.92, 0.65, 1.1];

const work = mkdtempSync(join(tmpdir(), 'voice-'));
const phrases = voiceWords(MOVEMENTS);
const file = (i: number, kind: string) => join(work, `${i}.${kind}`);
const clipMs = new Map<string, number>();

let left = [...phrases.keys()];
speak();
for (const tempo of TAKES) {
  if (left.length === 0) break;
  for (const i of left) clipMs.set(phrases[i]!, take(i, tempo));
  const understood = heard(work, phrases, left);
  left = left.filter((i) => !understood.has(i));
  console.log(`at ${tempo} of its speed: ${left.length} of ${phrases.length} not understood`);
}
pack('opus', (i) => [
  'opusenc',
  '--quiet',
  '--bitrate',
  '28',
  '--discard-comments',
  file(i, 'wav'),
  file(i, 'opus'),
]);
pack('mp3', (i) => ['sox', file(i, 'wav'), '-C', '40', file(i, 'mp3')]);
const inOrder = phrases.map((phrase) => [phrase, clipMs.get(phrase)] as const);
writeFileSync(
  'src/core/voice/lengths.ts',
  `/** How long each clip of the voice is, ms. Made by scripts/voice. */
export const LENGTHS: Readonly<Record<string, number>> = {
${inOrder.map(([phrase, ms]) => `  ${JSON.stringify(phrase)}: ${ms},`).join('\n')}
};
`,
);
const count = (ids: readonly number[]) => ({
  numbers: ids.filter((i) => isNumber(phrases[i]!)).length,
  words: ids.filter((i) => !isNumber(phrases[i]!)).length,
});
writeJson('public/voice/proof.json', {
  asked: count([...phrases.keys()]),
  notUnderstood: count(left),
  which: left.map((i) => phrases[i]),
});
execFileSync('npx', ['prettier', '--write', 'src/core/voice/lengths.ts', 'public/voice/proof.json']);
rmSync(work, { recursive: true });

/** One run of festival for all. */
function speak() {
  const lines = phrases.map((phrase, i) => `(say ${JSON.stringify(phrase)} "${file(i, 'raw.wav')}")`);
  const scheme = join(work, 'say.scm');
  writeFileSync(
    scheme,
    `(voice_cmu_us_slt_arctic_hts)
(define (say words file) (utt.save.wave (utt.synth (eval (list 'Utterance 'Text words))) file 'riff))
${lines.join('\n')}\n`,
  );
  execFileSync('festival', ['-b', scheme], { stdio: 'inherit' });
}

/** What was spoken at a tempo, cut to what is said; returns its length, ms. */
function take(i: number, tempo: number): number {
  execFileSync('sox', [file(i, 'raw.wav'), file(i, 'take.wav'), 'gain', '-3', 'tempo', '-s', String(tempo)]);
  const { samples, rate } = readWav(file(i, 'take.wav'));
  const clip = asClip(samples, rate);
  if (!clip) throw new Error(`nothing is heard of "${phrases[i]}"`);
  writeWav(file(i, 'wav'), clip, rate);
  return Math.ceil((clip.length / rate) * 1000);
}

/** All clips one after the other in one file, and where each of them is. */
function pack(kind: string, command: (i: number) => readonly string[]) {
  const places: Record<string, readonly [from: number, bytes: number]> = {};
  const parts: Buffer[] = [];
  let from = 0;
  phrases.forEach((phrase, i) => {
    const [program, ...args] = command(i);
    execFileSync(program!, args);
    const bytes = readFileSync(file(i, kind));
    places[phrase] = [from, bytes.length];
    parts.push(bytes);
    from += bytes.length;
  });
  writeFileSync(`public/voice/clips.${kind}`, Buffer.concat(parts));
  writeFileSync(`public/voice/clips.${kind}.json`, `${JSON.stringify(places)}\n`);
}

function writeJson(path: string, value: unknown) {
  writeFileSync(path, `${JSON.stringify(value, null, 2)}\n`);
}
