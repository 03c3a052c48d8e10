'use client';

import { useState } from 'react';
import type { Practice, TaughtRow } from '@/core/teach';
import { Button } from '@/ui/form/button';
import { SelectField } from '@/ui/form/select-field';
import { Link } from '@/ui/page/link';
import { CordRunner } from '../teach/cord-runner';
import { PracticeResult } from './practice-result';
import { useRun } from './use-run';

/** Count a row aloud and tap each number; what was skipped, doubled or uneven is told afterwards. */
export function CountPractice({ rows }: { rows: readonly TaughtRow[] }) {
  const counted = rows.filter((r) => r.beats.some((b) => b.number > 0 && b.kind !== 'free'));
  const [rowId, setRowId] = useState(counted[0]?.rowId ?? '');
  const [clicks, setClicks] = useState(true);
  const [result, setResult] = useState<Practice | null>(null);
  const row = counted.find((r) => r.rowId === rowId);
  const run = useRun(row, clicks, setResult);
  if (!row) return null;
  return (
    <section aria-label="Practise counting" className="mt-10">
      <h2 className="text-xl">Practise counting</h2>
      <p>
        Count aloud, and tap the pad or the space bar on each number. To tap hand by hand, F is the left and J
        the right. Sides, finger orders and more are drilled on the{' '}
        <Link href="/practice" className="font-semibold underline underline-offset-4">
          practice page
        </Link>
        .
      </p>
      <div className="mt-3 flex flex-wrap items-end gap-4">
        <SelectField
          label="Row"
          className="w-80"
          value={rowId}
          choices={counted.map((r) => [r.rowId, r.title])}
          onChange={(id) => {
            setRowId(id);
            setResult(null);
          }}
        />
        <SelectField
          label="Help"
          value={clicks ? 'clicks' : 'none'}
          choices={[
            ['clicks', 'Clicks on each number'],
            ['none', 'None, only the cord'],
          ]}
          onChange={(value) => setClicks(value === 'clicks')}
        />
        <Button look="main" onClick={run.running ? run.stop : run.start}>
          {run.running ? 'Stop and look' : 'Start counting'}
        </Button>
      </div>
      <div className="mt-4">
        <CordRunner row={row} beats={row.beats} state={run.state} now={run.now} />
      </div>
      <button
        type="button"
        disabled={!run.running}
        onPointerDown={() => run.tap(null)}
        className="mt-3 min-h-32 w-full rounded-2xl border-2 border-ink bg-paper text-xl font-bold disabled:border-line disabled:text-soft"
      >
        {run.running
          ? run.taps > 0
            ? `Tap each number, ${run.taps} so far`
            : 'Get ready, and tap each number'
          : 'The pad'}
      </button>
      {result && <PracticeResult result={result} />}
    </section>
  );
}
