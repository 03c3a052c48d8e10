import { FRESH } from '../load';
import type { MadeUpPerson } from './group';
import type { PainCause } from './rates';
import type { SlipKind } from './slips';

type Muscle = typeof FRESH;
export type HandInClass = {
  readonly muscle: Muscle;
  readonly pain: number;
  /** Points of pain by what made them. */
  readonly causes: Readonly<Partial<Record<PainCause, number>>>;
};

/** A slip that goes on. */
export type SlipNow = {
  readonly kind: SlipKind;
  readonly fromMs: number;
  readonly rowId: string;
  /** What in the class it comes of, in words. */
  readonly why: string;
  /** It was answered, and is over by then. */
  readonly overMs: number | null;
};

/** How somebody is at a moment of the class. */
export type PersonInClass = {
  readonly L: HandInClass;
  readonly R: HandInClass;
  readonly slips: readonly SlipNow[];
  /** The row whose own way they were told, and whether they were ever told one. */
  readonly toldRow: string | null;
  readonly everTold: boolean;
  /** The row in which they rest. */
  readonly restsRow: string | null;
  /** When each was last said, class clock ms. */
  readonly reminded: Readonly<Partial<Record<SlipKind, number>>>;
  readonly ringOn: boolean;
  /** Helped after being light-headed: they sit out. */
  readonly sitsOut: boolean;
};

export const atTheStart = ({ pain, hasRing }: MadeUpPerson): PersonInClass => ({
  L: { muscle: FRESH, pain: pain.L, causes: {} },
  R: { muscle: FRESH, pain: pain.R, causes: {} },
  slips: [],
  toldRow: null,
  everTold: false,
  restsRow: null,
  reminded: {},
  ringOn: hasRing,
  sitsOut: false,
});

/** A second of the class, ms. */
export const SECOND_MS = 1_000;
