import { plural } from '../../words';
import { placedRows } from '../plan';
import type { RuleContext } from './finding';
import { expected, isPaceKnown, type Pace, type PacePart } from './pace';
import { pacePartsOf } from './pace-parts';

/** How long a class will take, ms: the middle, and the bounds between which it lies four times in five. */
type ClassLength = { readonly ms: number; readonly lowMs: number; readonly highMs: number };

/** Four times in five lies within so many standard deviations. */
const FOUR_IN_FIVE = 1.2816;

/** The length of a class at a learned pace. Rows vary each by itself; what the pace gets wrong, it gets wrong in all of them. */
export function classLength({ plan, catalogue, planned: timing }: RuleContext, pace: Pace): ClassLength {
  let ms = 0;
  let rowVariance = 0;
  const paceSds = new Map<PacePart, number>();
  const add = ({ part, plannedMs }: { readonly part: PacePart; readonly plannedMs: number }) => {
    const one = expected(pace, part, plannedMs);
    ms += one.ms;
    rowVariance += one.rowSd ** 2;
    paceSds.set(part, (paceSds.get(part) ?? 0) + one.paceSd);
  };
  placedRows(plan).forEach(({ row }, i) => {
    const times = timing.rows[i]!;
    const { wayIn, done } = pacePartsOf(row, times, catalogue);
    ms += times.propsMs + times.placeMs;
    if (wayIn) add(wayIn);
    else ms += times.wayInMs;
    if (done) add(done);
  });
  const paceVariance = [...paceSds.values()].reduce((n, sd) => n + sd ** 2, 0);
  const far = FOUR_IN_FIVE * Math.sqrt(rowVariance + paceVariance);
  return { ms: Math.round(ms), lowMs: Math.round(Math.max(0, ms - far)), highMs: Math.round(ms + far) };
}

/** "38 to 42 minutes, four times in five". */
export const lengthWords = ({ lowMs, highMs }: ClassLength): string =>
  `${Math.floor(lowMs / 60_000)} to ${plural(Math.ceil(highMs / 60_000), 'minute')}, four times in five`;

/** What was learned, in sentences; too few rows say nothing yet. */
export function paceWords(pace: Pace): string {
  if (!isPaceKnown(pace)) return 'Too few rows have been taught to learn a pace from.';
  const said = (part: PacePart, plannedMs: number) =>
    Math.round(((plannedMs + 1_000) * Math.exp(pace.factors[part]?.log ?? 0) - 1_000) / 1_000);
  const known = pace.factors.known
    ? `where 10 s is planned into a known movement you take about ${said('known', 10_000)} s`
    : null;
  const fresh = pace.factors.new
    ? `where 12 s is planned into a new one about ${said('new', 12_000)} s`
    : null;
  const both = [known, fresh].filter((w) => w !== null).join(', ');
  return `Learned from ${pace.rows} taught rows${both && `: ${both}`}. The next plan says how long it will take at this pace.`;
}
