import type { TextWidth } from './marks';
import type { Run } from './sheet';

/** Words of one tone in a line, at their place in it, pt. */
type Span = { readonly text: string; readonly tone: Run['tone']; readonly x: number };
export type WrappedLine = readonly Span[];

type Word = { readonly text: string; readonly tone: Run['tone']; readonly gluedToLast: boolean };

/**
 * Runs of words broken into lines no wider than `width`. A line breaks between words; a word that is wider than a line is
 * broken where it has to be, so that nothing is lost at the edge.
 */
export function wrapRuns(
  runs: readonly Run[],
  width: number,
  size: number,
  measure: TextWidth,
): readonly WrappedLine[] {
  const wide = (text: string, tone: Run['tone']) => measure(text, tone === 'bold', size);
  const space = (tone: Run['tone']) => wide(' ', tone);
  const lines: Span[][] = [[]];
  let end = 0;
  for (const group of inGroups(wordsOf(runs))) {
    const groupWidth = group.reduce((n, w) => n + wide(w.text, w.tone), 0);
    const line = lines.at(-1)!;
    const gap = line.length > 0 ? space(line.at(-1)!.tone) : 0;
    if (line.length > 0 && end + gap + groupWidth > width) {
      lines.push([]);
      end = 0;
    } else {
      end += gap;
    }
    for (const word of group)
      for (const text of fitting(word, width, wide)) {
        const w = wide(text, word.tone);
        if (end > 0 && end + w > width + 0.01) {
          lines.push([]);
          end = 0;
        }
        lines.at(-1)!.push({ text, tone: word.tone, x: end });
        end += w;
      }
  }
  return lines.filter((l) => l.length > 0).map((line) => joined(line, wide));
}

function wordsOf(runs: readonly Run[]): readonly Word[] {
  let glued = false;
  return runs.flatMap(({ text, tone }) => {
    const words = text.split(/\s+/).filter((w) => w !== '');
    const startsGlued = glued && !/^\s/.test(text);
    if (text !== '') glued = !/\s$/.test(text) && (words.length > 0 || glued);
    return words.map((word, i): Word => ({ text: word, tone, gluedToLast: i === 0 && startsGlued }));
  });
}

/** Words of different tones with no space between stay together. */
function inGroups(words: readonly Word[]): readonly (readonly Word[])[] {
  const groups: Word[][] = [];
  for (const word of words) {
    if (word.gluedToLast && groups.length > 0) groups.at(-1)!.push(word);
    else groups.push([word]);
  }
  return groups;
}

function fitting(
  { text, tone }: Word,
  width: number,
  wide: (text: string, tone: Run['tone']) => number,
): readonly string[] {
  if (wide(text, tone) <= width) return [text];
  const parts: string[] = [];
  let part = '';
  for (const letter of text) {
    if (part !== '' && wide(part + letter, tone) > width) {
      parts.push(part);
      part = '';
    }
    part += letter;
  }
  return [...parts, part];
}

/** Words of one tone that follow each other become one, so that the text can be searched and copied whole. */
function joined(line: readonly Span[], wide: (text: string, tone: Run['tone']) => number): WrappedLine {
  const out: Span[] = [];
  for (const span of line) {
    const last = out.at(-1);
    const lastEnd = last ? last.x + wide(last.text, last.tone) : 0;
    if (last && last.tone === span.tone && span.x - lastEnd > wide(' ', span.tone) / 2)
      out[out.length - 1] = { ...last, text: `${last.text} ${span.text}` };
    else out.push(span);
  }
  return out;
}
