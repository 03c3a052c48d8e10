import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { create, type Font } from 'fontkit';
import type { TextWidth } from '@/core/paper';

const MODULES = join(process.cwd(), 'node_modules');
const ATKINSON = join(MODULES, '@expo-google-fonts', 'atkinson-hyperlegible-next');
const DEJAVU = join(MODULES, 'dejavu-fonts-ttf', 'ttf');

/** The print's own font, and a wider one for names that it has no letters for. */
const FILES = {
  regular: join(ATKINSON, '400Regular', 'AtkinsonHyperlegibleNext_400Regular.ttf'),
  bold: join(ATKINSON, '700Bold', 'AtkinsonHyperlegibleNext_700Bold.ttf'),
  wideRegular: join(DEJAVU, 'DejaVuSans.ttf'),
  wideBold: join(DEJAVU, 'DejaVuSans-Bold.ttf'),
} as const;
export type FontName = keyof typeof FILES;

/** Letters of one font that follow each other. */
export type FontRun = { readonly font: FontName; readonly text: string };

export type Fonts = {
  readonly bytes: Readonly<Record<FontName, Buffer>>;
  readonly runsOf: (text: string, bold: boolean) => readonly FontRun[];
  readonly measure: TextWidth;
  /** Width of letters of one font, pt. */
  readonly widthOf: (run: FontRun, size: number) => number;
};

/** Stands for what neither font has. */
const NO_LETTER = '□';

let loaded: Promise<Fonts> | null = null;

/** The fonts that paper is printed in; read once. */
export const paperFonts = (): Promise<Fonts> => (loaded ??= load());

async function load(): Promise<Fonts> {
  const names = Object.keys(FILES) as FontName[];
  const read = await Promise.all(
    names.map(async (n) => [n, await readFile(/* turbopackIgnore: true */ FILES[n])] as const),
  );
  const bytes = Object.fromEntries(read) as Record<FontName, Buffer>;
  const fonts = Object.fromEntries(read.map(([n, b]) => [n, create(b) as Font])) as Record<FontName, Font>;
  const widths = new Map<string, number>();
  const widthOf = ({ font, text }: FontRun, size: number): number => {
    const key = `${font} ${text}`;
    const known = widths.get(key);
    if (known !== undefined) return known * size;
    const width = fonts[font].layout(text).advanceWidth / fonts[font].unitsPerEm;
    if (widths.size > 50_000) widths.clear();
    widths.set(key, width);
    return width * size;
  };
  const runsOf = (text: string, bold: boolean) => fontRuns(text, bold, fonts);
  return {
    bytes,
    runsOf,
    widthOf,
    measure: (text, bold, size) => runsOf(text, bold).reduce((n, run) => n + widthOf(run, size), 0),
  };
}

function fontRuns(text: string, bold: boolean, fonts: Readonly<Record<FontName, Font>>): readonly FontRun[] {
  const [own, wide] = bold ? (['bold', 'wideBold'] as const) : (['regular', 'wideRegular'] as const);
  const runs: { font: FontName; text: string }[] = [];
  for (const letter of text) {
    const code = letter.codePointAt(0)!;
    const inOwn = fonts[own].hasGlyphForCodePoint(code);
    const inWide = fonts[wide].hasGlyphForCodePoint(code);
    const run = { font: inOwn ? own : wide, text: inOwn || inWide ? letter : NO_LETTER };
    const last = runs.at(-1);
    if (last?.font === run.font) last.text += run.text;
    else runs.push(run);
  }
  return runs;
}

/** Whether every letter of a text can be printed. */
export const printable = (text: string, { runsOf }: Fonts): boolean =>
  runsOf(text, false)
    .map((run) => run.text)
    .join('') === text;
