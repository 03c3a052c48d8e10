'use client';

import { useState } from 'react';
import type { Finding } from '@/core/plan/finding';
import type { PlanStep } from '@/core/plan/step';
import { Button } from '@/ui/button';

type Props = {
  findings: readonly Finding[];
  onMend: (step: PlanStep, label: string) => void;
  onShowRow: (rowId: string) => void;
  empty: boolean;
};

/** The finding that matters most, at the foot, with its mend; all of them on demand. */
export function FindingsStrip({ findings, onMend, onShowRow, empty }: Props) {
  const [all, setAll] = useState(false);
  const first = findings[0];
  return (
    <section
      aria-label="Findings"
      className="no-print sticky bottom-0 z-20 max-h-[55vh] overflow-y-auto bg-ink px-6 py-3 text-paper"
    >
      <div className="mx-auto max-w-[1400px]">
        {!first ? (
          <p className="py-2">
            {empty
              ? 'Add a row to begin; the plan is checked as it grows.'
              : 'Nothing to mend: the plan keeps every rule that is checked.'}
          </p>
        ) : (
          <>
            <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
              <p aria-live="polite" className="min-w-0 flex-1">
                <strong>{tally(findings)}</strong> {!all && first.text}
              </p>
              {!all && <FindingActions finding={first} onMend={onMend} onShowRow={onShowRow} />}
              <Button className="border-paper" onClick={() => setAll(!all)} aria-expanded={all}>
                {all ? 'Show less' : findings.length === 1 ? 'Why' : `All ${findings.length}`}
              </Button>
            </div>
            {all && (
              <ul className="mt-3 grid gap-3">
                {findings.map((finding, i) => (
                  <li
                    key={i}
                    className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-edge pt-3"
                  >
                    <p className="min-w-0 flex-1">
                      <strong>
                        {finding.severity} ({finding.code}).
                      </strong>{' '}
                      {finding.text} {finding.because}
                    </p>
                    <FindingActions finding={finding} onMend={onMend} onShowRow={onShowRow} />
                  </li>
                ))}
              </ul>
            )}
          </>
        )}
      </div>
    </section>
  );
}

function FindingActions({
  finding,
  onMend,
  onShowRow,
}: { finding: Finding } & Pick<Props, 'onMend' | 'onShowRow'>) {
  const [rowId] = finding.rowIds;
  const { mend } = finding;
  return (
    <>
      {mend && <Button onClick={() => onMend(mend.step, mend.label)}>{mend.label}</Button>}
      {rowId && (
        <Button
          look="quiet"
          className="text-paper hover:text-ink"
          onClick={() => {
            onShowRow(rowId);
            document.getElementById(`row-${rowId}`)?.scrollIntoView({ block: 'center' });
          }}
        >
          Show the row
        </Button>
      )}
    </>
  );
}

function tally(findings: readonly Finding[]): string {
  const of = (severity: Finding['severity']) => findings.filter((f) => f.severity === severity).length;
  const parts = (['must', 'should', 'could'] as const).filter((s) => of(s) > 0).map((s) => `${of(s)} ${s}`);
  return findings.length === 0 ? '' : `${parts.join(', ')}.`;
}
