import { extraOf, primaryCount, type Dose, type Hand } from './dose';
import { passesOf, passRuns, type Pass } from './passes';

export type BoutSide = 'both' | 'alternating' | Hand;

/** One unbroken run of a dose: one set, one layer, one side, one pass. */
export type Bout = {
  readonly set: number;
  readonly side: BoutSide;
  readonly pass: Pass;
  /** What is built up in it; null where nothing is. */
  readonly layer: string | null;
  /** Repetitions, holds, breaths or rounds in this bout. */
  readonly count: number;
  /** What has to happen before it: the widest change wins. A swap has the hands change places or jobs. */
  readonly before: 'start' | 'set' | 'layer' | 'swap' | 'side' | 'pass';
};

/**
 * A dose written out in the order it is taught: sets, within them layers, runs of passes that leave the hands where they are,
 * sides, and passes. Nothing that the dose names can be left out.
 */
export function boutsOf(dose: Dose): readonly Bout[] {
  const bouts: Bout[] = [];
  for (let set = 1; set <= dose.sets; set++)
    for (const layer of dose.layers ?? [NO_LAYER])
      for (const run of passRuns(passesOf(dose)))
        for (const side of sidesInTurn(dose))
          for (const pass of run)
            bouts.push({
              set,
              side,
              pass,
              layer: layer.name,
              count: countFor(dose, side, pass, layer.n),
              before: 'start',
            });
  return bouts.map((bout, i) => ({ ...bout, before: changeBetween(bouts[i - 1], bout) }));
}

const NO_LAYER = { name: null, n: undefined } as const;

function sidesInTurn(dose: Dose): readonly BoutSide[] {
  switch (dose.sides) {
    case 'both':
      return ['both'];
    case 'alternating':
      return ['alternating'];
    case 'left':
      return ['L'];
    case 'right':
      return ['R'];
    case 'each':
      return dose.firstSide === 'L' ? ['L', 'R'] : ['R', 'L'];
  }
}

function countFor(dose: Dose, side: BoutSide, { extra = 0 }: Pass, n?: number): number {
  if (dose.count.mode === 'time') return 1;
  const usual = (n ?? primaryCount(dose.count)) + extra;
  if (side === 'both') return usual;
  if (side === 'alternating') return dose.perSide ? usual * 2 : usual;
  return usual + extraOf(dose, side);
}

function changeBetween(before: Bout | undefined, bout: Bout): Bout['before'] {
  if (!before) return 'start';
  if (before.set !== bout.set) return 'set';
  if (before.layer !== bout.layer) return 'layer';
  if (Boolean(before.pass.swapped) !== Boolean(bout.pass.swapped)) return 'swap';
  if (before.side !== bout.side) return 'side';
  return 'pass';
}
