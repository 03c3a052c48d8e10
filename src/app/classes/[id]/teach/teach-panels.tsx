'use client';

import { useMemo } from 'react';
import { toast } from 'sonner';
import { movementOfRow, type ClassFacts, type MovementRow, type Plan } from '@/core/plan';
import {
  standingMarks,
  swapChoices,
  swapNow,
  type Incident,
  type LiveChange,
  type PersonNow,
} from '@/core/teach';
import type { Verdict } from '@/core/screening';
import { AskSheet } from './ask-sheet';
import { EndSheet } from './end-sheet';
import { HelpDialog } from './help-dialog';
import { InterruptionSheet } from './interruption-sheet';
import { MarksDialog } from './marks-dialog';
import { NoteSheet } from './note-sheet';
import { SwapSheet } from './swap-sheet';
import type { Panel } from './use-actions';
import type { CountSound } from './use-count-sound';
import type { Teaching } from './use-teaching';
import type { CountSettings } from '@/ui/hooks/use-count-settings';
import { CountSettingsSheet } from './count-settings-sheet';

type Props = {
  panel: Panel | null;
  onClose: () => void;
  teaching: Teaching;
  plan: Plan;
  facts: ClassFacts;
  people: readonly PersonNow[];
  /** Those who are not here as well. */
  everyone: readonly PersonNow[];
  movementRow: MovementRow | null;
  /** By row and person. */
  verdicts: ReadonlyMap<string, ReadonlyMap<string, Verdict>>;
  onChange: (change: LiveChange) => void;
  settings: CountSettings;
  onSettings: (change: Partial<CountSettings>) => void;
  sound: CountSound;
  /** Null in a rehearsal: nothing is recorded. */
  classId: string | null;
  venueSafety: string;
  onIncident: (incident: Incident) => void;
  /** Another screen teaches: who is here and who does it easier is said there. */
  isOther: boolean;
};

/** What opens over the class: marks, a note, a swap, the count settings, help. */
export function TeachPanels(props: Props) {
  const { panel, onClose, teaching, plan, facts, movementRow, onChange, verdicts } = props;
  const { rows, state } = teaching;
  const row = rows[state.rowIndex];
  // The screen is drawn ten times a second; what could stand in is looked for once.
  const choices = useMemo(
    () => (panel === 'swap' && movementRow ? swapChoices(movementRow, plan, facts) : []),
    [panel, movementRow, plan, facts],
  );
  const standing = useMemo(() => standingMarks(teaching.reports.marks), [teaching.reports]);
  const heldBack = useMemo(() => {
    const ofRow = row && verdicts.get(row.rowId);
    return new Set([...(ofRow ?? [])].flatMap(([id, v]) => (v.worst === 'do' ? [] : [id])));
  }, [verdicts, row]);
  return (
    <>
      <MarksDialog
        open={panel === 'marks'}
        onClose={onClose}
        people={props.everyone.map((p) => p.person)}
        away={state.away}
        onAway={props.isOther ? null : teaching.setAway}
        rows={rows}
        rowIndex={state.rowIndex}
        marks={standing}
        onMark={teaching.mark}
        rungShifts={state.rungShifts}
        onShift={props.isOther ? null : teaching.shiftRung}
        heldBack={heldBack}
      />
      {panel === 'interrupt' && (
        <InterruptionSheet
          onClose={onClose}
          why={state.pausedFor}
          onWhy={(why) => {
            teaching.interrupt(why);
            onClose();
          }}
        />
      )}
      {panel === 'ask' && (
        <AskSheet
          onClose={onClose}
          people={props.isOther ? props.people : props.everyone}
          away={state.away}
          onHere={(personId) => teaching.setAway(personId, null)}
          answers={teaching.reports.answers}
          onAnswer={(personId, checkIn) => {
            teaching.answer(personId, checkIn);
            toast('Kept. The rows to come follow.');
          }}
          plan={plan}
          rows={rows.slice(state.rowIndex)}
          day={facts.day}
          classId={props.classId}
        />
      )}
      {panel === 'finish' && (
        <EndSheet
          onClose={onClose}
          people={props.people}
          rowsLeft={Math.max(0, rows.length - state.rowIndex - 1)}
          onEnd={() => {
            onClose();
            teaching.act('end');
          }}
        />
      )}
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
        heard={props.sound}
      />
      {panel === 'swap' && row && movementRow && (
        <SwapSheet
          onClose={onClose}
          title={row.title}
          held={movementOfRow(movementRow, facts.catalogue)?.propId ?? null}
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
        onIncident={props.onIncident}
        open={panel === 'help'}
        onClose={onClose}
        classId={props.classId}
        people={facts.people}
        venueSafety={props.venueSafety}
      />
    </>
  );
}
