import type { EffortKind } from '../../catalogue';
import { median } from '../../statistics';

/** What of a class is learned apart: the way into a new and a known movement, the count by kind of work, talk, and breaks. */
export type PacePart = 'new' | 'known' | 'talk' | 'break' | EffortKind;

/** One part of a taught row: what it was planned to take and what it took, ms. */
export type PaceSample = {
  readonly part: PacePart;
  readonly plannedMs: number;
  readonly actualMs: number;
};

/** Actual over planned on a log scale: its middle, and how widely single rows lie about it. */
type PaceFactor = { readonly log: number; readonly spread: number; readonly n: number };

/** The pace of an instructor; what was not taught often enough leans on the starting values. */
export type Pace = {
  readonly factors: Readonly<Partial<Record<PacePart, PaceFactor>>>;
  /** Counts of every kind together: what a kind leans on that was seldom taught. */
  readonly counts: PaceFactor | null;
  /** Rows it was learned from. */
  readonly rows: number;
};

export const PLAIN_PACE: Pace = { factors: {}, counts: null, rows: 0 };

/** Fewer rows than these say nothing of how somebody teaches. */
const ENOUGH_ROWS = 8;

export const isPaceKnown = ({ rows }: Pace): boolean => rows >= ENOUGH_ROWS;

export const wayInPart = ({ isNew }: { readonly isNew: boolean }): 'new' | 'known' =>
  isNew ? 'new' : 'known';

/** What a part of a row takes at a pace, ms; as planned while the pace is not known. */
export const takenMs = (pace: Pace | undefined, part: PacePart, plannedMs: number): number =>
  pace && isPaceKnown(pace) ? Math.round(expected(pace, part, plannedMs).ms) : plannedMs;

/** Added to both lengths, so that a way in of nothing has a ratio too, ms. */
const OFFSET_MS = 1_000;
/** So many rows weigh as much as the starting value. */
const PRIOR_ROWS = 4;
/** How widely rows lie about the middle before anything is known, on the log scale: a way in a lot, a count by the clock little. */
const STARTING_SPREAD: Readonly<Partial<Record<PacePart, number>>> = {
  new: 0.6,
  known: 0.6,
  talk: 0.4,
  break: 0.2,
};
const COUNT_SPREAD = 0.15;
/** A row left running or skipped through is no pace. */
const MAX_LOG = Math.log(6);
/** The newest rows of a part count: the pace is a running one. */
const NEWEST = 60;
/** A median is less sure than a mean, by so much. */
const MEDIAN_ERROR = 1.2533;
/** How far kinds of work lie apart in one instructor's hands, on the log scale; it counts while a kind was seldom taught. */
const KIND_SPREAD = 0.12;
/** The median distance from the median, as a standard deviation of what is normal. */
const MAD_TO_SD = 1.4826;

/**
 * The pace of an instructor from taught rows, oldest first. Each part is learned by itself, by the median, which one odd row does not
 * move, and drawn towards the starting value while there is little.
 */
export function learnedPace(samples: readonly PaceSample[], rows: number): Pace {
  const logs = new Map<PacePart, number[]>();
  for (const { part, plannedMs, actualMs } of samples) {
    const log = Math.log((actualMs + OFFSET_MS) / (plannedMs + OFFSET_MS));
    if (Math.abs(log) <= MAX_LOG) logs.set(part, [...(logs.get(part) ?? []), log]);
  }
  const ofCounts = [...logs].flatMap(([part, all]) => (isCount(part) ? all.slice(-NEWEST) : []));
  const counts = ofCounts.length > 0 ? factorOf(COUNT_START, ofCounts) : null;
  const factors = [...logs].map(([part, all]) => {
    const start = isCount(part) && counts ? counts : startOf(part);
    return [part, factorOf(start, all.slice(-NEWEST))] as const;
  });
  return { factors: Object.fromEntries(factors), counts, rows };
}

const isCount = (part: PacePart): part is EffortKind => STARTING_SPREAD[part] === undefined;

type Start = Pick<PaceFactor, 'log' | 'spread'>;
const COUNT_START: Start = { log: 0, spread: COUNT_SPREAD };
const startOf = (part: PacePart): Start => ({ log: 0, spread: STARTING_SPREAD[part] ?? COUNT_SPREAD });

function factorOf(start: Start, logs: readonly number[]): PaceFactor {
  const middle = median(logs);
  const weight = logs.length / (logs.length + PRIOR_ROWS);
  const spread = MAD_TO_SD * median(logs.map((l) => Math.abs(l - middle)));
  return {
    log: weight * middle + (1 - weight) * start.log,
    spread: Math.sqrt(weight * spread ** 2 + (1 - weight) * start.spread ** 2),
    n: logs.length,
  };
}

/** What a part of a row is expected to take, ms, and the standard deviation of one such row and of the pace itself. */
export function expected(
  pace: Pace,
  part: PacePart,
  plannedMs: number,
): { readonly ms: number; readonly rowSd: number; readonly paceSd: number } {
  const known = pace.factors[part] ?? (isCount(part) ? pace.counts : null);
  const { log, spread, n } = known ?? { ...startOf(part), n: 0 };
  // The mean of what is normal on a log scale lies above its middle.
  const ms = Math.max(0, (plannedMs + OFFSET_MS) * Math.exp(log + spread ** 2 / 2) - OFFSET_MS);
  const paceSpread = Math.hypot(
    (MEDIAN_ERROR * spread) / Math.sqrt(n + 1),
    KIND_SPREAD * (PRIOR_ROWS / (n + PRIOR_ROWS)),
  );
  return { ms, rowSd: (ms + OFFSET_MS) * spread, paceSd: (ms + OFFSET_MS) * paceSpread };
}
