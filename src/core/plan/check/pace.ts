import { median } from '../../statistics';
import { EFFORT_KINDS, type EffortKind } from '../../catalogue';
import type { RuleContext } from './finding';
import { placedRows } from '../plan';

/** One taught row: what it was planned to take and what it took, ms. */
export type PaceSample = {
  readonly effort: EffortKind;
  readonly plannedMs: number;
  readonly actualMs: number;
};

/** Actual over planned: by kind of effort where enough was taught, and over all. 1 is as planned. */
export type Pace = {
  readonly byEffort: Readonly<Partial<Record<EffortKind, number>>>;
  readonly overall: number;
  readonly rows: number;
};

export const PLAIN_PACE: Pace = { byEffort: {}, overall: 1, rows: 0 };

/** Fewer rows than this of a kind say little; the pace over all stands in. */
const ENOUGH_OF_A_KIND = 4;
const ENOUGH = 8;
/** A row left running or skipped through is no pace. */
const BELIEVED = { from: 0.25, to: 4 };
/** The newest rows count: the pace is a running one. */
const NEWEST = 60;

/** The pace of an instructor from taught rows, oldest first: running medians, which one odd row does not move. */
export function learnedPace(samples: readonly PaceSample[]): Pace {
  const believed = samples.flatMap(({ effort, plannedMs, actualMs }) => {
    const ratio = plannedMs > 0 ? actualMs / plannedMs : 0;
    return ratio >= BELIEVED.from && ratio <= BELIEVED.to ? [{ effort, ratio }] : [];
  });
  if (believed.length < ENOUGH) return { ...PLAIN_PACE, rows: believed.length };
  const byEffort = EFFORT_KINDS.flatMap((effort) => {
    const ratios = believed.filter((s) => s.effort === effort).map((s) => s.ratio);
    return ratios.length >= ENOUGH_OF_A_KIND ? [[effort, median(ratios.slice(-NEWEST))] as const] : [];
  });
  return {
    byEffort: Object.fromEntries(byEffort),
    overall: median(believed.slice(-NEWEST).map((s) => s.ratio)),
    rows: believed.length,
  };
}

/** The length of a class at this pace, ms: movement rows corrected, breaks and talk as planned. */
export function correctedMs({ plan, catalogue, timing }: RuleContext, pace: Pace): number {
  return placedRows(plan).reduce((sum, { row }, i) => {
    const { totalMs } = timing.rows[i]!;
    const effort = row.kind === 'movement' ? catalogue.movement(row.movementId)?.effort : undefined;
    return sum + Math.round(totalMs * (effort ? (pace.byEffort[effort] ?? pace.overall) : 1));
  }, 0);
}

/** Pace in a sentence; too few rows say nothing yet. */
export function paceWords({ overall, rows }: Pace): string {
  if (rows < ENOUGH) return 'Too few rows have been taught to learn a pace from.';
  const percent = Math.round((overall - 1) * 100);
  if (Math.abs(percent) < 2) return `Learned from ${rows} taught rows: your classes take as long as planned.`;
  return `Learned from ${rows} taught rows: your classes take ${Math.abs(percent)} % ${percent > 0 ? 'longer' : 'less'} than planned. The next plan shows both lengths.`;
}
