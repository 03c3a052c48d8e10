import type { Cord, CordLine, CordSign, CordTail } from './cord';

/** Shapes of a drawn cord, px from the top left. */
export type CordShape =
  | {
      readonly kind: 'string';
      readonly x1: number;
      readonly x2: number;
      readonly y: number;
      readonly doubled: boolean;
    }
  | { readonly kind: 'bead'; readonly x: number; readonly y: number; readonly r: number }
  | {
      readonly kind: 'bar';
      readonly x: number;
      readonly y: number;
      readonly width: number;
      readonly label: string;
    }
  | { readonly kind: 'swell'; readonly x: number; readonly y: number; readonly width: number }
  | {
      readonly kind: 'dots';
      readonly x1: number;
      readonly x2: number;
      readonly y: number;
      readonly label: string;
    }
  | {
      readonly kind: 'letter';
      readonly x: number;
      readonly y: number;
      readonly r: number;
      readonly letter: string;
    }
  | { readonly kind: CordTail; readonly x: number; readonly y: number }
  | { readonly kind: 'times'; readonly x: number; readonly y: number; readonly times: number }
  | { readonly kind: 'hand'; readonly x: number; readonly y: number; readonly letter: 'L' | 'R' };

type CordLayout = {
  readonly width: number;
  readonly height: number;
  readonly shapes: readonly CordShape[];
};

/** Sizes in px. A bar grows with its seconds up to `barMost`, so that 5 s and 10 s look different. */
const SIZE = {
  line: 20,
  handLabel: 14,
  lead: 6,
  bead: 12,
  beadLeast: 4.5,
  letter: 19,
  swell: 24,
  dots: 76,
  dotsLabel: 46,
  barLeast: 20,
  barPerSecond: 2.2,
  barMost: 64,
  barGap: 3,
  groupGap: 5,
  tail: 16,
  times: 30,
  setGap: 16,
} as const;

const seconds = (s: number): string => `${Math.round(s * 10) / 10}`;
const barWidth = (s: number): number => Math.min(SIZE.barMost, SIZE.barLeast + s * SIZE.barPerSecond);

/** Natural width of one sign at a given bead pitch. */
function signWidth(sign: CordSign, pitch: number, hops: boolean): number {
  switch (sign.kind) {
    case 'bead':
    case 'gap':
      return hops ? pitch * 0.6 : pitch;
    case 'bar':
      return barWidth(sign.seconds) + SIZE.barGap;
    case 'swell':
      return SIZE.swell;
    case 'dots':
      return SIZE.dots + SIZE.dotsLabel;
    case 'letter':
      return SIZE.letter;
  }
}

const tailWidth = (line: CordLine): number => line.tails.length * SIZE.tail + (line.times ? SIZE.times : 0);

function lineWidth(line: CordLine, pitch: number): number {
  const signs = line.groups.flat().reduce((n, sign) => n + signWidth(sign, pitch, line.hops), 0);
  const gaps = Math.max(0, line.groups.length - 1) * SIZE.groupGap;
  return SIZE.handLabel + SIZE.lead + signs + gaps + SIZE.lead + tailWidth(line);
}

/** The largest bead pitch at which the longest line fits. */
function pitchFor(lines: readonly CordLine[], mostWidth: number): number {
  for (let pitch: number = SIZE.bead; pitch > SIZE.beadLeast; pitch -= 0.5)
    if (lines.every((line) => lineWidth(line, pitch) <= mostWidth)) return pitch;
  return SIZE.beadLeast;
}

/**
 * Lay a cord out within `mostWidth`. Sets stand side by side with a gap for the
 * rest, or one below the other when that does not fit; long counts shrink their beads,
 * and what still does not fit breaks between groups onto a further line.
 */
export function layOutCord(cord: Cord, mostWidth: number): CordLayout {
  const pitch = pitchFor(cord.sets.flat(), mostWidth);
  const broken = cord.sets.map((lines) => lines.flatMap((line) => breakLine(line, pitch, mostWidth)));
  const setWidth = Math.max(0, ...broken.flat().map((line) => lineWidth(line, pitch)));
  const setHeight = Math.max(0, ...broken.map((lines) => lines.length)) * SIZE.line;
  const abreast = Math.max(1, Math.floor((mostWidth + SIZE.setGap) / (setWidth + SIZE.setGap)));
  const shapes = broken.flatMap((lines, i) => {
    const x = (i % abreast) * (setWidth + SIZE.setGap);
    const y = Math.floor(i / abreast) * (setHeight + 4);
    return lines.flatMap((line, j) => shapesOfLine(line, pitch, x, y + j * SIZE.line + SIZE.line / 2));
  });
  const across = Math.min(abreast, cord.sets.length);
  const down = Math.ceil(cord.sets.length / abreast);
  return {
    width: Math.max(setWidth, across * (setWidth + SIZE.setGap) - SIZE.setGap),
    height: down * (setHeight + 4) - 4,
    shapes,
  };
}

/** How many times wider than its room a cord that does not fit is tried, and then drawn smaller. */
const WIDER = [1.4, 2, 2.8] as const;

/**
 * The layout that shows a cord largest in some room, px, and how large that is, at most 1: longer lines drawn a little smaller
 * where short ones would be many.
 */
export function fitCord(
  cord: Cord,
  room: { readonly width: number; readonly height: number },
): { readonly layout: CordLayout; readonly scale: number } {
  const tried = (by: number) => {
    const layout = layOutCord(cord, room.width * by);
    return { layout, scale: Math.min(1, room.width / layout.width, room.height / layout.height) };
  };
  return WIDER.reduce((best, by) => {
    // Most fit as they are.
    if (best.scale === 1) return best;
    const next = tried(by);
    return next.scale > best.scale ? next : best;
  }, tried(1));
}

function breakLine(line: CordLine, pitch: number, mostWidth: number): readonly CordLine[] {
  if (lineWidth(line, pitch) <= mostWidth) return [line];
  const fits = (groups: CordLine['groups']) => lineWidth({ ...line, groups }, pitch) <= mostWidth;
  const wholeGroups = line.groups.length > 1 && line.groups.every((group) => fits([group]));
  const units = wholeGroups ? line.groups : line.groups.flat().map((sign) => [sign]);
  const rows: (readonly (readonly CordSign[])[])[] = [];
  let row: (readonly CordSign[])[] = [];
  for (const unit of units) {
    if (row.length > 0 && !fits([...row, unit])) {
      rows.push(row);
      row = [];
    }
    row = [...row, unit];
  }
  rows.push(row);
  return rows.map((groups, i) => {
    const last = i === rows.length - 1;
    const { times, ...rest } = line;
    return {
      ...rest,
      groups,
      tails: last ? line.tails : [],
      ...(last && times && { times }),
    };
  });
}

function shapesOfLine(line: CordLine, pitch: number, x0: number, y: number): readonly CordShape[] {
  const beads: CordShape[] = [];
  const start = x0 + SIZE.handLabel;
  let x = start + SIZE.lead;
  line.groups.forEach((group, i) => {
    if (i > 0) x += SIZE.groupGap;
    for (const sign of group) {
      const width = signWidth(sign, pitch, line.hops);
      const shape = shapeOf(sign, x, y, width, pitch);
      if (shape) beads.push(shape);
      x += width;
    }
  });
  x += SIZE.lead;
  const free = line.groups.flat().some((s) => s.kind === 'dots');
  const string: CordShape[] = free
    ? []
    : [{ kind: 'string', x1: start, x2: x, y, doubled: line.hand === 'both' }];
  const hand: CordShape[] = line.hand === 'both' ? [] : [{ kind: 'hand', x: x0, y, letter: line.hand }];
  const tail: CordShape[] = [];
  for (const kind of line.tails) {
    tail.push({ kind, x, y });
    x += SIZE.tail;
  }
  if (line.times) tail.push({ kind: 'times', x: x + 5, y, times: line.times });
  return [...hand, ...string, ...beads, ...tail];
}

function shapeOf(sign: CordSign, x: number, y: number, width: number, pitch: number): CordShape | null {
  switch (sign.kind) {
    case 'gap':
      return null;
    case 'bead':
      return { kind: 'bead', x: x + width / 2, y, r: Math.max(1.8, pitch * 0.42) };
    case 'bar':
      return { kind: 'bar', x, y, width: width - SIZE.barGap, label: seconds(sign.seconds) };
    case 'swell':
      return { kind: 'swell', x, y, width };
    case 'dots':
      return { kind: 'dots', x1: x, x2: x + SIZE.dots, y, label: `${seconds(sign.seconds)} s` };
    case 'letter':
      return { kind: 'letter', x: x + width / 2, y, r: 8.5, letter: sign.letter };
  }
}
