import { primaryCount, type Dose, type Hand } from './dose';

export type BoutSide = 'both' | 'alternating' | Hand;

/** One unbroken run of a dose: one set, one lead, one side, one direction. */
export type Bout = {
  readonly set: number;
  readonly lead: 1 | 2;
  readonly side: BoutSide;
  readonly direction: 1 | 2;
  /** Repetitions, holds, breaths or rounds in this bout. */
  readonly count: number;
  /** What has to happen before it: the widest change wins. */
  readonly before: 'start' | 'set' | 'lead' | 'side' | 'direction';
};

/**
 * A dose written out in the order it is taught: sets, within them leads, sides
 * and directions. Nothing that the dose names can be left out.
 */
export function boutsOf(dose: Dose): readonly Bout[] {
  const bouts: Bout[] = [];
  for (let set = 1; set <= dose.sets; set++)
    for (const lead of upTo(dose.leads))
      for (const side of sidesInTurn(dose))
        for (const direction of upTo(dose.directions))
          bouts.push({ set, lead, side, direction, count: countFor(dose, side), before: 'start' });
  return bouts.map((bout, i) => ({ ...bout, before: changeBetween(bouts[i - 1], bout) }));
}

const upTo = (n: 1 | 2): readonly (1 | 2)[] => (n === 2 ? [1, 2] : [1]);

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

function countFor(dose: Dose, side: BoutSide): number {
  const usual = primaryCount(dose.count);
  if (dose.count.mode === 'time') return 1;
  if (side === 'L') return usual + dose.extraLeft;
  if (side === 'R') return usual + dose.extraRight;
  if (side === 'alternating') return dose.perSide ? usual * 2 : usual;
  return usual;
}

function changeBetween(before: Bout | undefined, bout: Bout): Bout['before'] {
  if (!before) return 'start';
  if (before.set !== bout.set) return 'set';
  if (before.lead !== bout.lead) return 'lead';
  if (before.side !== bout.side) return 'side';
  return 'direction';
}
