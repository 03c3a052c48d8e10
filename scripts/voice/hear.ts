import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const MODEL = '/usr/share/pocketsphinx/model/en-us';
/** Words that its dictionary lacks. */
const ADDED = ['breastbone B R EH S T B OW N', 'worktop W ER K T AA P'];
const ONES =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen';
const TENS = 'zero ten twenty thirty forty fifty sixty seventy eighty ninety';

export const isNumber = (phrase: string): boolean => /^\d+$/.test(phrase);

/** Silence round a clip as it is listened to, s: one and then the other, since a short word may be lost in either. */
const PADS = ['0.3', '0.1'];

/**
 * Which of these clips, `<index>.wav` in the folder, a recogniser takes for what they are: numbers among all numbers, words among all
 * other phrases.
 */
export function heard(
  folder: string,
  phrases: readonly string[],
  ids: readonly number[],
): ReadonlySet<number> {
  const known = readFileSync(`${MODEL}/cmudict-en-us.dict`, 'utf8');
  writeFileSync(join(folder, 'words.dict'), `${known.trimEnd()}\n${ADDED.join('\n')}\n`);
  const said = phrases.map(inWords);
  const understood = new Set<number>();
  for (const pad of PADS) {
    const left = ids.filter((i) => !understood.has(i));
    for (const i of left)
      execFileSync('sox', [
        ...[join(folder, `${i}.wav`), '-r', '16000', join(folder, `${i}.16.wav`)],
        ...['pad', pad, pad],
      ]);
    for (const kind of [isNumber, (phrase: string) => !isNumber(phrase)]) {
      const grammar = phrases.flatMap((p, i) => (kind(p) ? [said[i]!] : []));
      const asked = left.filter((i) => kind(phrases[i]!));
      for (const i of heardAmong(folder, said, grammar, asked)) understood.add(i);
    }
  }
  return understood;
}

function heardAmong(
  folder: string,
  said: readonly string[],
  grammar: readonly string[],
  ids: readonly number[],
): readonly number[] {
  if (ids.length === 0) return [];
  const path = (name: string) => join(folder, name);
  writeFileSync(
    path('phrases.gram'),
    `#JSGF V1.0;\ngrammar phrases;\npublic <phrase> = ${[...new Set(grammar)].join(' | ')};\n`,
  );
  writeFileSync(path('all.ctl'), ids.map((i) => `${i}.16`).join('\n'));
  execFileSync(
    'pocketsphinx_batch',
    [
      ...['-hmm', `${MODEL}/en-us`, '-dict', path('words.dict'), '-jsgf', path('phrases.gram')],
      ...['-ctl', path('all.ctl'), '-cepdir', folder, '-cepext', '.wav', '-adcin', 'yes', '-adchdr', '44'],
      ...['-hyp', path('all.hyp'), '-logfn', path('log')],
    ],
    { stdio: 'ignore' },
  );
  const lines = readFileSync(path('all.hyp'), 'utf8').split('\n');
  return ids.filter((i, at) => lines[at]?.replace(/ \([^)]*\)$/, '').trim() === said[i]);
}

/** A phrase in the words of the recogniser's dictionary: "27" is "twenty seven". */
function inWords(phrase: string): string {
  if (!isNumber(phrase))
    return phrase
      .toLowerCase()
      .replaceAll('-', ' ')
      .replace(/[^a-z' ]+/g, '');
  const [ones, tens] = [ONES.split(' '), TENS.split(' ')];
  const n = Number(phrase);
  const [hundreds, rest] = [Math.floor(n / 100), n % 100];
  const small = rest < 20 ? [ones[rest]] : [tens[Math.floor(rest / 10)], ones[rest % 10]];
  return [...(hundreds ? [ones[hundreds], 'hundred'] : []), ...small].filter((w) => w !== 'zero').join(' ');
}
