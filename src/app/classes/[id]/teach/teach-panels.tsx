'use client';

import { useMemo } from 'react';
import { toast } from 'sonner';
import { contextOf, type ClassFacts, type MovementRow, type Plan } from '@/core/plan';
import { swapChoices, swapNow, type LiveChange } from '@/core/teach';
import { HelpDialog } from './help-dialog';
import { MarksDialog } from './marks-dialog';
import { NoteSheet } from './note-sheet';
import { SwapSheet } from './swap-sheet';
import type { Panel } from './use-actions';
import type { Teaching } from './use-teaching';
import type { CountSettings } from '@/ui/hooks/use-count-settings';
import { CountSettingsSheet } from './count-settings-sheet';

type Props = {
  panel: Panel | null;
  onClose: () => void;
  teaching: Teaching;
  plan: Plan;
  facts: ClassFacts;
  movementRow: MovementRow | null;
  onChange: (change: LiveChange) => void;
  settings: CountSettings;
  onSettings: (change: Partial<CountSettings>) => void;
  /** Null in a rehearsal: nothing is recorded. */
  classId: string | null;
  venueSafety: string;
};

/** What opens over the class: marks, a note, a swap, the count settings, help. */
export function TeachPanels(props: Props) {
  const { panel, onClose, teaching, plan, facts, movementRow, onChange } = props;
  const { rows, state } = teaching;
  const row = rows[state.rowIndex];
  // The screen is drawn ten times a second; what could stand in is looked for once.
  const choices = useMemo(
    () => (panel === 'swap' && movementRow ? swapChoices(movementRow, plan, facts) : []),
    [panel, movementRow, plan, facts],
  );
  const heldBack = useMemo(() => {
    const verdicts = row && contextOf(plan, facts).verdicts.get(row.rowId);
    return new Set([...(verdicts ?? [])].flatMap(([id, v]) => (v.worst === 'do' ? [] : [id])));
  }, [plan, facts, row]);
  return (
    <>
      <MarksDialog
        open={panel === 'marks'}
        onClose={onClose}
        people={facts.people}
        row={row}
        marks={teaching.marks}
        onMark={teaching.mark}
        rungShifts={state.rungShifts}
        onShift={teaching.shiftRung}
        heldBack={heldBack}
      />
      <NoteSheet
        open={panel === 'note'}
        onClose={onClose}
        title={row?.title ?? 'the class'}
        onNote={(words) => {
          teaching.note(words);
          toast('The note is kept');
        }}
      />
      <CountSettingsSheet
        open={panel === 'sound'}
        onClose={onClose}
        settings={props.settings}
        onChange={props.onSettings}
      />
      {panel === 'swap' && row && movementRow && (
        <SwapSheet
          onClose={onClose}
          title={row.title}
          choices={choices}
          onSwap={(movement) => {
            const swapped = swapNow(plan, movementRow.id, movement);
            onClose();
            if (swapped.ok) onChange(swapped.value);
            else toast(swapped.message);
          }}
        />
      )}
      <HelpDialog
        open={panel === 'help'}
        onClose={onClose}
        classId={props.classId}
        people={facts.people}
        venueSafety={props.venueSafety}
      />
    </>
  );
}
