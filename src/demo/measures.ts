import type { Hand } from '@/core/dose';
import type { GripTest, GripTrial } from '@/core/measure';
import type { Measure, MeasureKind } from '@/core/people';

/** Something measured in the first week and again in the third; one number where there was only the third. */
type Twice = readonly [first: number, third: number] | readonly [third: number];

type Measured = {
  readonly grip?: { readonly L: Twice; readonly R: Twice };
  readonly ease?: Twice;
  readonly stiffness?: Twice;
  readonly opposition?: { readonly L: Twice; readonly R: Twice };
};

const MEASURED: Readonly<Record<string, Measured>> = {
  Ansel: { grip: { L: [30.4, 31.2], R: [24.8, 27.1] }, ease: [3, 6], opposition: { L: [9, 9], R: [6, 9] } },
  Bashir: { grip: { L: [23.1, 22.6], R: [21.9, 21.2] }, ease: [4, 4], opposition: { L: [6, 6], R: [6, 5] } },
  Corin: { grip: { L: [23.8, 25.0], R: [22.4, 22.9] }, ease: [5, 6] },
  Esi: { grip: { L: [17.2, 18.9], R: [18.1, 19.4] }, ease: [2, 5], stiffness: [30, 15] },
  Gudrun: { ease: [5, 5], stiffness: [20, 15], opposition: { L: [9, 9], R: [7, 7] } },
  Ilse: { grip: { L: [16.9, 17.4], R: [16.2, 17.8] }, ease: [6, 7] },
  Keiko: { grip: { L: [19.8, 20.1], R: [20.6, 21.3] }, ease: [5, 8] },
  Lorna: { grip: { L: [24.4, 26.0], R: [25.2, 26.7] }, ease: [4, 7], stiffness: [30, 10] },
  Mirek: { grip: { L: [38.2], R: [40.5] }, ease: [6] },
  Nadia: { ease: [3, 3], stiffness: [45, 40] },
};

/** What the three tries of a squeeze fall short of the best by, kg. */
const SHORT_BY = [0.9, 0, 1.6];

export type DemoMeasures = { readonly measures: readonly Measure[]; readonly tests: readonly GripTest[] };

/** The measures of one person, on the days of the first and the third class. */
export function demoMeasures(firstName: string, firstDay: string, thirdDay: string): DemoMeasures {
  const { grip, ease, stiffness, opposition } = MEASURED[firstName] ?? {};
  const dated = (twice: Twice | undefined): readonly (readonly [day: string, value: number])[] =>
    !twice
      ? []
      : twice.length === 1
        ? [[thirdDay, twice[0]]]
        : [
            [firstDay, twice[0]],
            [thirdDay, twice[1]],
          ];
  const of = (kind: MeasureKind, hand: Measure['hand'], twice: Twice | undefined): Measure[] =>
    dated(twice).map(([on, value]) => ({ kind, hand, value, on }));
  const tests = [firstDay, thirdDay].flatMap((day): GripTest[] => {
    const trials = (['L', 'R'] as const).flatMap((hand) =>
      dated(grip?.[hand]).flatMap(([on, best]) => (on === day ? tries(hand, best) : [])),
    );
    return trials.length > 0 ? [{ day, trials }] : [];
  });
  return {
    measures: [
      ...of('grip', 'L', grip?.L),
      ...of('grip', 'R', grip?.R),
      ...of('task ease', 'both', ease),
      ...of('morning stiffness', 'both', stiffness),
      ...of('opposition', 'L', opposition?.L),
      ...of('opposition', 'R', opposition?.R),
    ],
    tests,
  };
}

const tries = (hand: Hand, best: number): GripTrial[] =>
  SHORT_BY.map((short) => ({
    hand,
    peakKg: Math.round((best - short) * 10) / 10,
    timeToPeakMs: 620,
    unsteadyPercent: 3,
  }));
