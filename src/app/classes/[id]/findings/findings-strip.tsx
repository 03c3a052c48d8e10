'use client';

import { Link } from '@/ui/page/link';
import { useMemo, useState } from 'react';
import {
  mendEffect,
  muteOf,
  muteStep,
  ruleOf,
  unmuteStep,
  type ClassFacts,
  type Finding,
  type PlanCheck,
  type Severity,
} from '@/core/plan';

import { Button } from '@/ui/form/button';
import { Word } from '@/ui/page/word';
import { mendWords, shortMendWords } from './mend-words';
import { MuteForm } from './mute-form';
import type { PlanEditor } from '../use-plan';

type Props = {
  editor: PlanEditor;
  facts: ClassFacts;
  /** Everything found, and the same without what rests on the reserve, against which mends are tried. */
  check: PlanCheck;
  plain: PlanCheck;
  onShowRow: (rowId: string) => void;
};

/** The finding that matters most, at the foot, with its mend; all of them on demand, and what was muted. */
export function FindingsStrip(props: Props) {
  const { findings, muted } = props.check;
  const [all, setAll] = useState(false);
  const first = findings[0];
  return (
    <section
      id="findings"
      aria-label="Findings"
      className="no-print sticky bottom-0 z-20 max-h-[55vh] overflow-y-auto bg-ink px-6 py-1 text-paper"
    >
      <div className="mx-auto max-w-[1400px]">
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1 md:flex-nowrap">
          <p
            aria-live="polite"
            className={`min-w-0 flex-1 basis-[16rem] leading-tight ${all ? '' : 'line-clamp-2'}`}
          >
            {first ? (
              <>
                <strong>{tally(findings)}</strong> {!all && first.text}
              </>
            ) : (
              nothingWords(props.check)
            )}
          </p>
          {first && !all && <FindingActions short finding={first} {...props} />}
          {findings.length + muted.length > 0 && (
            <Button className="shrink-0 border-paper" onClick={() => setAll(!all)} aria-expanded={all}>
              {all ? 'Show less' : allWords(findings.length, muted.length)}
            </Button>
          )}
        </div>
        {all && (
          <>
            <ul className="mt-3 grid gap-3">
              {findings.map((finding, i) => (
                <FindingLine key={`${finding.code}-${i}`} finding={finding} {...props} />
              ))}
            </ul>
            <MutedList {...props} />
            <p className="mt-3 flex flex-wrap gap-x-6 gap-y-2">
              <span>
                What is meant by <Word of="severity">must, should and could</Word>,{' '}
                <Word of="mend">mend</Word>, <Word of="mute">mute</Word>
              </span>
              <Link href="/rules" className="underline">
                All rules that a plan is checked by
              </Link>
            </p>
          </>
        )}
      </div>
    </section>
  );
}

const nothingWords = ({ timing, muted }: PlanCheck): string =>
  timing.rows.length === 0
    ? 'Add a row to begin; the plan is checked as it grows.'
    : muted.length > 0
      ? 'Nothing to put right besides what is muted.'
      : 'Nothing to put right: the plan keeps every rule that is checked.';

const allWords = (found: number, muted: number): string =>
  found === 0
    ? `Muted: ${muted}`
    : found + muted === 1
      ? 'Why'
      : `All ${found}${muted ? `, ${muted} muted` : ''}`;

function tally(findings: readonly Finding[]): string {
  const of = (severity: Severity) => findings.filter((f) => f.severity === severity).length;
  const parts = (['must', 'should', 'could'] as const).filter((s) => of(s) > 0).map((s) => `${of(s)} ${s}`);
  return `${parts.join(', ')}.`;
}

/** One finding in full: what, why, its mend, and muting its rule for this class. */
function FindingLine({ finding, ...props }: Props & { finding: Finding }) {
  const [muting, setMuting] = useState(false);
  const { editor } = props;
  return (
    <li className="border-t border-edge pt-3">
      <p>
        <strong>
          {finding.severity} ({finding.code}).
        </strong>{' '}
        {finding.text} {finding.because}
      </p>
      <div className="mt-1 flex flex-wrap items-center gap-x-2">
        <FindingActions finding={finding} {...props} />
        <Button
          look="quiet"
          className="text-paper hover:text-ink"
          aria-expanded={muting}
          aria-label={`Mute ${finding.code} for this class`}
          onClick={() => setMuting(!muting)}
        >
          Mute
        </Button>
      </div>
      {muting && (
        <MuteForm
          finding={finding}
          onMute={(reason) => {
            setMuting(false);
            editor.edit(muteStep(editor.plan, { code: finding.code, reason }), `Mute ${finding.code}`);
          }}
        />
      )}
    </li>
  );
}

type ActionProps = Props & { finding: Finding; short?: boolean };

function FindingActions({ finding, short = false, editor, facts, plain, onShowRow }: ActionProps) {
  const { mend, rowIds } = finding;
  const { plan } = editor;
  const effect = useMemo(() => mend && mendEffect(plan, facts, plain, mend), [plan, facts, plain, mend]);
  const [rowId] = rowIds;
  return (
    <>
      {mend && effect && (
        <span className="flex shrink-0 flex-wrap items-center gap-x-3">
          <Button onClick={() => editor.edit(mend.step, mend.label)}>{mend.label}</Button>
          <span className={`tabular text-sm ${short ? 'hidden xl:inline' : ''}`}>
            {(short ? shortMendWords : mendWords)(effect, facts.people.length)}
          </span>
        </span>
      )}
      {rowId && (
        <Button
          look="quiet"
          className={`shrink-0 text-paper hover:text-ink ${short ? 'max-sm:hidden' : ''}`}
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

function MutedList({ check, editor }: Props) {
  const codes = [...new Set(check.muted.map((f) => f.code))];
  if (codes.length === 0) return null;
  return (
    <>
      <h2 className="mt-4 text-lg">Muted for this class</h2>
      <ul className="mt-1 grid gap-1">
        {codes.map((code) => {
          const found = check.muted.filter((f) => f.code === code);
          const reason = muteOf(code, editor.plan)?.reason;
          return (
            <li key={code} className="flex flex-wrap items-center gap-x-4 border-t border-edge pt-1">
              <p className="min-w-0 flex-1 basis-80">
                <strong>
                  {ruleOf(code)?.title} ({code}).
                </strong>{' '}
                {found.map((f) => f.text).join(' ')}{' '}
                {reason ? `Because: ${reason}` : 'No reason written; a must would still be shown.'}
              </p>
              <Button
                look="quiet"
                className="text-paper hover:text-ink"
                aria-label={`Show ${code} again`}
                onClick={() => editor.edit(unmuteStep(editor.plan, code), `Show ${code} again`)}
              >
                Show again
              </Button>
            </li>
          );
        })}
      </ul>
    </>
  );
}
