import { readFileSync } from 'node:fs';
import type { PlanFile } from '@/core/formats/plan-file';
import type { TermFile } from '@/core/formats/term-file';

export const bytesOf = (text: string): Uint8Array => new TextEncoder().encode(text);
const example = (name: string): string => readFileSync(`examples/${name}`, 'utf8');

/** Real files, cut down so that many of them can be read: each as it would be brought. */
export const SEEDS: readonly Uint8Array[] = [
  bytesOf(JSON.stringify(shortPlan())),
  bytesOf(JSON.stringify(shortTerm())),
  bytesOf(example('own-movement.json')),
  ...['people.csv', 'measures.csv', 'register.csv', 'marks.csv', 'calendar.ics', 'count.vtt'].map((name) =>
    bytesOf(example(name).slice(0, 800)),
  ),
];

function shortPlan(): PlanFile {
  const file = JSON.parse(example('class-plan.json')) as PlanFile;
  const sections = file.plan.sections.slice(2, 3).map((s) => ({ ...s, rows: s.rows.slice(0, 2) }));
  return { ...file, plan: { ...file.plan, sections } };
}
function shortTerm(): TermFile {
  const file = JSON.parse(example('term.json')) as TermFile;
  const plan = shortPlan().plan;
  return { ...file, classes: file.classes.slice(0, 1).map((c) => ({ ...c, plan })), movements: [] };
}

const STRANGE = [
  '\u0000',
  '\uFEFF',
  '"',
  '{',
  '}',
  '[',
  ']',
  ',',
  '\n',
  '\r',
  '-->',
  '1e999',
  '-0',
  'null',
  '__proto__',
  '=cmd()',
  '💥',
];

/** One to four changes: a byte turned, a stretch cut, doubled or put elsewhere, something strange put in, the end lost. */
export function mutated(seed: Uint8Array, upTo: (n: number) => number): Uint8Array {
  let bytes = [...seed];
  for (let n = 1 + upTo(4); n > 0; n--) {
    const at = upTo(bytes.length);
    const length = upTo(Math.min(60, bytes.length - at));
    const stretch = bytes.slice(at, at + length);
    switch (upTo(6)) {
      case 0:
        bytes[at] = upTo(256);
        break;
      case 1:
        bytes.splice(at, length);
        break;
      case 2:
        bytes.splice(at, 0, ...stretch);
        break;
      case 3:
        bytes.splice(upTo(bytes.length), 0, ...stretch);
        break;
      case 4:
        bytes.splice(at, 0, ...bytesOf(STRANGE[upTo(STRANGE.length)]!));
        break;
      default:
        bytes = upTo(8) === 0 ? bytes.slice(0, at) : bytes;
    }
  }
  return Uint8Array.from(bytes);
}
