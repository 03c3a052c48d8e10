import { measureName, measureText } from '../people';
import { METRIC, type Units } from '../units';
import { lowerFirst } from '../words';
import type { MeasureResult } from './results';

/** What one class tells of a person, as far as it was asked. */
export type ClassReport = {
  readonly day: string;
  /** Worse two hours later or the next morning; null where nobody asked. */
  readonly worseLater: boolean | null;
  readonly stiffnessMin: number | null;
  /** Newly numb or tingling, at the door or in the class. */
  readonly numb: boolean;
};

/** So many answers in a row have to be worse. */
const RUNNING = 2;
/** Stiffness has to grow over so many answers in a row. */
const GROWING = 3;

/**
 * What asks for advice of a clinician, though not today, one clause each; `reports` oldest first. No cause is said, since none
 * is known.
 */
export function warningSigns(
  reports: readonly ClassReport[],
  results: readonly MeasureResult[],
  units: Units = METRIC,
): readonly string[] {
  return [
    ...worseRunning(reports),
    ...stiffnessGrowing(reports),
    ...gripDown(results, units),
    ...newlyNumb(reports),
  ];
}

function worseRunning(reports: readonly ClassReport[]): string[] {
  const asked = reports.filter((r) => r.worseLater !== null).slice(-RUNNING);
  return asked.length === RUNNING && asked.every((r) => r.worseLater)
    ? ['worse two hours after class or next morning, twice running']
    : [];
}

function stiffnessGrowing(reports: readonly ClassReport[]): string[] {
  const minutes = reports.flatMap((r) => r.stiffnessMin ?? []).slice(-GROWING);
  const grows = minutes.length === GROWING && minutes.every((m, i) => i === 0 || m > minutes[i - 1]!);
  return grows ? [`morning stiffness grows: ${minutes.join(', ')} minutes`] : [];
}

const gripDown = (results: readonly MeasureResult[], units: Units): string[] =>
  results
    .filter((r) => r.kind === 'grip' && r.change === 'worse' && r.now !== null)
    .map(
      (r) =>
        `${lowerFirst(measureName(r))} is down from ${measureText(r.kind, r.baseline, units)} to ${measureText(r.kind, r.now!, units)}, more than chance explains`,
    );

/** Told at the last class that there was, and not taken back by the one after it. */
const newlyNumb = (reports: readonly ClassReport[]): string[] =>
  reports.at(-1)?.numb ? ['new numbness or tingling'] : [];
