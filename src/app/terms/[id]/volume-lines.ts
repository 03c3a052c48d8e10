import { FAMILIES } from '@/core/progress';
import { JOINTS_IN_ALL, type TermVolume } from '@/core/term';
import { capital } from '@/core/words';

/** One line of the volumes: what it is called, its number and how it is written. */
export type VolumeLine = {
  readonly name: string;
  readonly unit: string;
  readonly of: (v: TermVolume) => number;
  readonly digits: number;
};

export const VOLUME_LINES: readonly VolumeLine[] = [
  ...FAMILIES.map((family): VolumeLine => ({
    name: `${capital(family)}, repetitions`,
    unit: 'repetitions',
    of: (v) => v.reps[family],
    digits: 0,
  })),
  { name: 'Held, seconds', unit: 'seconds', of: (v) => v.holdMs / 1_000, digits: 0 },
  { name: 'Stretched, minutes', unit: 'minutes', of: (v) => v.stretchMs / 60_000, digits: 1 },
  { name: 'Grip, repetitions × effort', unit: 'repetitions × effort', of: (v) => v.gripEffort, digits: 0 },
  { name: 'Loading index', unit: 'index', of: (v) => v.loading, digits: 2 },
  { name: `Joints moved, of ${JOINTS_IN_ALL}`, unit: 'joints', of: (v) => v.joints.length, digits: 0 },
];
