import { boutsOf, primaryCount, stepsOfRound, withPrimaryCount, type Dose, type Pass } from '../dose';

/** One sign on a cord. A gap keeps a place open where an alternating bead hops to the other cord. */
export type CordSign =
  | { readonly kind: 'bead' }
  | { readonly kind: 'gap' }
  | { readonly kind: 'bar'; readonly seconds: number }
  | { readonly kind: 'swell' }
  | { readonly kind: 'dots'; readonly seconds: number }
  | { readonly kind: 'letter'; readonly letter: string };

export type CordTail = 'hook' | 'cross' | 'turn';

export type CordLine = {
  readonly hand: 'L' | 'R' | 'both';
  /** Beads hop between this cord and its twin, so each sign and gap takes half the room. */
  readonly hops: boolean;
  /** Signs in groups of five, or eight when musical. */
  readonly groups: readonly (readonly CordSign[])[];
  /** What comes after the first pass: a hook for the other direction, a cross where the hands change, a turn of the hand. */
  readonly tails: readonly CordTail[];
  /** How often the line comes, where it is drawn once for all. */
  readonly times?: number;
};

/** A dose as cords: for each set, and each layer in it, its line or lines, left above right. */
export type Cord = { readonly sets: readonly (readonly CordLine[])[] };

export function cordOf(dose: Dose): Cord {
  const { layers = [{ name: '', n: undefined }], ...rest } = dose;
  const oneSet = layers.map(({ n }) =>
    linesOfOneSet(n === undefined ? rest : { ...rest, count: withPrimaryCount(rest.count, n) }),
  );
  return { sets: Array.from({ length: dose.sets }, () => oneSet).flat() };
}

/** Each line of a pattern with its first round alone and how often it comes; other counts as they are. */
export function oneRound(cord: Cord): Cord {
  const once = (line: CordLine): CordLine => {
    const [first = [], ...rest] = line.groups;
    const asFirst = JSON.stringify(first);
    const same =
      rest.length > 0 &&
      first.some((s) => s.kind === 'letter') &&
      rest.every((group) => JSON.stringify(group) === asFirst);
    return same ? { ...line, groups: [first], times: line.groups.length } : line;
  };
  return { sets: cord.sets.map((lines) => lines.map(once)) };
}

function linesOfOneSet(dose: Dose): readonly CordLine[] {
  const tails = tailsOf(dose.passes);
  const hops = dose.sides === 'alternating' && dose.count.mode !== 'time';
  const line = (hand: CordLine['hand'], signs: readonly CordSign[]): CordLine => ({
    hand,
    hops,
    groups: inGroups(signs, groupSize(dose) * (hops ? 2 : 1)),
    tails,
  });
  const countOn = (hand: 'L' | 'R') =>
    boutsOf({ ...dose, sets: 1, passes: [] }).find((b) => b.side === hand)?.count ?? 0;
  switch (dose.sides) {
    case 'alternating':
      // Free time has no beads to hop, so hands taking turns share one doubled cord.
      return hops ? hoppingLines(dose, line) : [line('both', repeat(1, dose))];
    case 'both':
      return [line('both', repeat(primaryCount(dose.count), dose))];
    case 'left':
      return [line('L', repeat(countOn('L'), dose))];
    case 'right':
      return [line('R', repeat(countOn('R'), dose))];
    case 'each':
      return [line('L', repeat(countOn('L'), dose)), line('R', repeat(countOn('R'), dose))];
  }
}

/** One sign for each further pass; a direction and a change of hands that come again are not drawn again. */
function tailsOf(passes: readonly Pass[]): readonly CordTail[] {
  const tails = passes.slice(1).map((pass, i): CordTail => {
    const before = passes[i]!;
    if (Boolean(pass.swapped) !== Boolean(before.swapped)) return 'cross';
    return Boolean(pass.reversed) === Boolean(before.reversed) ? 'turn' : 'hook';
  });
  const crossed = tails.indexOf('cross');
  return crossed > 0 ? tails.slice(0, crossed + 1) : tails;
}

/** Beads hop between the cords: first side, other side, first side ... */
function hoppingLines(
  dose: Dose,
  line: (hand: CordLine['hand'], signs: readonly CordSign[]) => CordLine,
): readonly CordLine[] {
  const total = primaryCount(dose.count) * (dose.perSide ? 2 : 1);
  const places = repeat(total, dose);
  const unit = places.length / total;
  const onFirst = (i: number) => Math.floor(i / unit) % 2 === 0;
  const mine = (first: boolean) =>
    places.map((sign, i): CordSign => (onFirst(i) === first ? sign : { kind: 'gap' }));
  return [line('L', mine(dose.firstSide === 'L')), line('R', mine(dose.firstSide === 'R'))];
}

function repeat(n: number, dose: Dose): readonly CordSign[] {
  return Array.from({ length: n }, () => unitOf(dose)).flat();
}

function unitOf({ count }: Dose): readonly CordSign[] {
  switch (count.mode) {
    case 'reps':
      return [{ kind: 'bead' }];
    case 'hold':
      return [{ kind: 'bar', seconds: count.holdMs / 1000 }];
    case 'breaths':
      return [{ kind: 'swell' }];
    case 'time':
      return [{ kind: 'dots', seconds: count.timeMs / 1000 }];
    case 'sequence':
      return stepsOfRound(count).map((step) => ({ kind: 'letter', letter: stepLetter(step) }));
  }
}

/** T I M R L for the fingers, else the first letter. */
export const stepLetter = (step: string): string => step.charAt(0).toUpperCase();

const groupSize = (dose: Dose): number =>
  dose.count.mode === 'sequence' ? stepsOfRound(dose.count).length : dose.grouping;

function inGroups<T>(items: readonly T[], size: number): readonly (readonly T[])[] {
  const groups: T[][] = [];
  for (let i = 0; i < items.length; i += size) groups.push(items.slice(i, i + size));
  return groups;
}
