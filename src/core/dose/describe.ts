import { plural, spokenLength } from '../words';
import { extraOf, primaryCount, type Dose } from './dose';
import { EACH_WAY, type Pass } from './passes';
import { doseTiming } from './timing';
import type { ScriptContext } from './script';

/** The cord in words, for screen readers and print: "8 times each way, each hand, about 1 minute". */
export function describeDose(dose: Dose, context: ScriptContext, of: DoneWith = 'hands'): string {
  return `${doseWords(dose, of)}, ${spokenLength(doseTiming(dose, context).totalMs)}`;
}

/** What a dose is done with: head, trunk and breath are no hands, and feet are feet. */
export type DoneWith = 'hands' | 'feet' | 'none';

const [ONE_WAY, OTHER_WAY] = EACH_WAY.map((p) => p.name) as [string, string];

/** The dose alone, without its length. */
export function doseWords(dose: Dose, of: DoneWith = 'hands'): string {
  const comma = dose.passes.length > 0 || dose.count.mode === 'sequence' ? ', ' : ' ';
  const joined = [passWords(dose), withWords(dose, of)].filter(Boolean).join(comma);
  return [joined, ...layerWords(dose), ...setWords(dose), ...extraWords(dose)].join(', ');
}

/** With what it is done; names of hands, thumbs or palms say it already. */
function withWords({ sides, perSide, passes }: Dose, of: DoneWith): string {
  const isSaid =
    sides === 'both' && passes.some((p) => !p.name.endsWith(ONE_WAY) && !p.name.endsWith(OTHER_WAY));
  return isSaid ? '' : SIDE_WORDS[of](sides, perSide);
}

/** The dose as it is told to people, who choose within its range: "6 times each hand (5-10)". */
export function toldDose(dose: Dose, of: DoneWith = 'hands'): string {
  const { count, fewest, most } = dose;
  const hasRange = fewest < most && count.mode !== 'time';
  return hasRange ? `${doseWords(dose, of)} (${fewest}-${most})` : doseWords(dose, of);
}

/** The count with every pass by its name: "9 times palm down, then 9 palm up". */
function passWords(dose: Dose): string {
  const { passes } = dose;
  if (passes.length === 0) return countWords(dose, '');
  const told = inPairs(passes).flatMap((pair) => (isEachWay(dose, pair) ? [asEachWay(pair)] : pair));
  const areHands = passes.some((p) => p.swapped);
  return told
    .map((pass, i) => {
      const name = areHands && !WAYS.has(pass.name) ? withHands(pass.name) : pass.name;
      return i === 0 ? countWords(dose, name, pass) : `${againWords(dose, pass)} ${name}`;
    })
    .join(', then ');
}

const inPairs = (passes: readonly Pass[]): readonly (readonly Pass[])[] =>
  Array.from({ length: Math.ceil(passes.length / 2) }, (_, i) => passes.slice(2 * i, 2 * i + 2));

/** Two directions of the same count are told at once. */
const isEachWay = (dose: Dose, [there, back]: readonly Pass[]): boolean =>
  there !== undefined &&
  back !== undefined &&
  there.name.endsWith(ONE_WAY) &&
  back.name.endsWith(OTHER_WAY) &&
  countOf(dose, there) === countOf(dose, back) &&
  there.ms === back.ms;

/** "with the right hand on top", "with your usual thumb in front". */
const withHands = (name: string): string => (/^(the|your) /.test(name) ? `with ${name}` : `with the ${name}`);

const WAYS: ReadonlySet<string> = new Set([ONE_WAY, OTHER_WAY, 'each way']);
const asEachWay = ([first]: readonly Pass[]): Pass => ({
  ...first!,
  name: first!.name.replace(ONE_WAY, 'each way'),
});

const countOf = ({ count }: Dose, { extra = 0 }: Pass): number => primaryCount(count) + extra;

function countWords(dose: Dose, name: string, pass: Pass = { name }): string {
  const { count } = dose;
  const n = countOf(dose, pass);
  const named = (words: string) => (name === '' ? words : `${words} ${name}`);
  switch (count.mode) {
    case 'reps':
      return named(usually(count, plural(n, 'time')));
    case 'hold':
      return named(usually(count, `${plural(n, 'hold')} of ${seconds(pass.ms ?? count.holdMs)}`));
    case 'breaths':
      return named(usually(count, plural(n, 'breath')));
    case 'time':
      return named(usually(count, `for ${seconds(pass.ms ?? count.timeMs)}`));
    case 'sequence': {
      const steps = `${count.steps.join(', ')}${count.thereAndBack ? ', there and back' : ''}${moreWords(count)}`;
      return name === '' ? `${plural(n, 'round')} of ${steps}` : `${named(plural(n, 'round'))} (${steps})`;
    }
  }
}

/** What ends when the instructor says so has only a usual length. */
const usually = ({ untilTold }: { readonly untilTold?: true | undefined }, words: string): string =>
  untilTold ? `until told, usually ${words.replace(/^for /, '')}` : words;

/** Steps that come more often or take longer: ", ring once more, all for 6 seconds". */
const moreWords = ({ more = [] }: Extract<Dose['count'], { mode: 'sequence' }>): string =>
  more
    .map(({ step, times, ms }) =>
      [step, times && `${times === 1 ? 'once' : `${times} times`} more`, ms && `for ${seconds(ms)}`]
        .filter(Boolean)
        .join(' '),
    )
    .map((words) => `, ${words}`)
    .join('');

/** The count of a further pass, said short. */
function againWords(dose: Dose, pass: Pass): string {
  const { count } = dose;
  const n = String(countOf(dose, pass));
  if (count.mode === 'time') return seconds(pass.ms ?? count.timeMs);
  return count.mode === 'hold' && pass.ms !== undefined ? `${n} of ${seconds(pass.ms)}` : n;
}

const sidesOf =
  (one: string, both: string, inTurn = 'alternating') =>
  (sides: Dose['sides'], perSide: boolean): string => {
    switch (sides) {
      case 'both':
        return both;
      case 'each':
        return `each ${one}`;
      case 'alternating':
        return perSide ? `each ${one}, ${inTurn}` : `in all, ${inTurn}`;
      case 'left':
        return `left ${one} only`;
      case 'right':
        return `right ${one} only`;
    }
  };
const SIDE_WORDS = {
  hands: sidesOf('hand', 'with both hands'),
  feet: sidesOf('foot', 'with both feet'),
  none: sidesOf('side', '', 'in turn'),
} as const;

function layerWords({ layers }: Dose): string[] {
  if (!layers) return [];
  const told = layers.map(({ name, n }) => (n === undefined ? name : `${name} ${n}`));
  return [`built up: ${told.join(', then ')}`];
}

function setWords(dose: Dose): string[] {
  if (dose.sets === 1) return [];
  return [dose.restMs > 0 ? `${dose.sets} sets with ${seconds(dose.restMs)}’ rest` : `${dose.sets} sets`];
}

function extraWords(dose: Dose): string[] {
  const words: string[] = [];
  const [left, right] = [extraOf(dose, 'L'), extraOf(dose, 'R')];
  if (left > 0) words.push(`${left} more on the left`);
  if (right > 0) words.push(`${right} more on the right`);
  return words;
}

/** Whole minutes as minutes: "1 minute", "90 seconds". */
const seconds = (ms: number): string =>
  ms >= 60_000 && ms % 60_000 === 0
    ? plural(ms / 60_000, 'minute')
    : plural(Math.round(ms / 100) / 10, 'second');
