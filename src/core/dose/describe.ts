import { plural, spokenLength } from '../words';
import type { Dose } from './dose';
import { doseTiming } from './timing';
import type { ScriptContext } from './script';

/** The cord in words, for screen readers and print: "8 times each hand, both directions, about 1 minute". */
export function describeDose(dose: Dose, context: ScriptContext): string {
  return `${doseWords(dose)}, ${spokenLength(doseTiming(dose, context).totalMs)}`;
}

/** The dose alone, without its length. */
export function doseWords(dose: Dose): string {
  return [countWords(dose), ...turnWords(dose), ...setWords(dose), ...extraWords(dose)].join(', ');
}

function countWords({ count, sides, perSide }: Dose): string {
  const hands = sideWords(sides, perSide);
  switch (count.mode) {
    case 'reps':
      return `${plural(count.reps, 'time')} ${hands}`;
    case 'hold':
      return `${plural(count.holds, 'hold')} of ${seconds(count.holdMs)} ${hands}`;
    case 'breaths':
      return `${plural(count.breaths, 'breath')} ${hands}`;
    case 'time':
      return `free movement for ${seconds(count.timeMs)} ${hands}`;
    case 'sequence':
      return `${plural(count.rounds, 'round')} of ${count.steps.join(', ')} ${hands}`;
  }
}

function sideWords(sides: Dose['sides'], perSide: boolean): string {
  switch (sides) {
    case 'both':
      return 'with both hands';
    case 'each':
      return 'each hand';
    case 'alternating':
      return perSide ? 'each hand, hand by hand' : 'in all, hand by hand';
    case 'left':
      return 'left hand only';
    case 'right':
      return 'right hand only';
  }
}

function turnWords(dose: Dose): string[] {
  const words: string[] = [];
  if (dose.directions === 2)
    words.push(dose.count.mode === 'sequence' ? 'there and back' : 'both directions');
  if (dose.leads === 2) words.push('then the other hand on top');
  return words;
}

function setWords(dose: Dose): string[] {
  if (dose.sets === 1) return [];
  return [dose.restMs > 0 ? `${dose.sets} sets with ${seconds(dose.restMs)} rest` : `${dose.sets} sets`];
}

function extraWords(dose: Dose): string[] {
  if (dose.sides !== 'each') return [];
  const words: string[] = [];
  if (dose.extraLeft > 0) words.push(`${dose.extraLeft} more on the left`);
  if (dose.extraRight > 0) words.push(`${dose.extraRight} more on the right`);
  return words;
}

const seconds = (ms: number): string => plural(Math.round(ms / 100) / 10, 'second');
