'use client';

import { Redo2, Undo2 } from 'lucide-react';
import type { ReactNode } from 'react';
import type { PlanCheck, RuleContext } from '@/core/plan';
import { plural } from '@/core/words';
import { useCommands } from '@/ui/commands';
import { deskCommands } from './desk-commands';
import { TimeLine } from './panels/time-line';
import type { Panel } from './side-panel';
import type { PlanEditor } from './use-plan';

type Props = {
  editor: PlanEditor;
  context: RuleContext;
  check: PlanCheck;
  people: number;
  open: Panel | null;
  onToggle: (panel: Panel) => void;
  drafting: boolean;
  onDraft: () => void;
};

/** Take back, the clock, and what stands beside the order; always in sight over it. */
export function DeskBar({ editor, context, check, people, open, onToggle, drafting, onDraft }: Props) {
  useCommands(deskCommands({ editor, onToggle, onDraft }));
  const { kit } = check;
  const short = kit.filter((k) => k.short > 0).length;
  const opens = (panel: Panel, words: ReactNode) => (
    <button type="button" className={TOOL} aria-expanded={open === panel} onClick={() => onToggle(panel)}>
      {words}
    </button>
  );
  return (
    <div
      id="desk"
      className="no-print sticky top-0 z-20 -mx-6 flex items-center gap-1 overflow-x-auto border-y border-line bg-linen px-6 py-1"
    >
      <button
        type="button"
        className={TOOL}
        aria-label="Undo"
        onClick={editor.undo}
        disabled={!editor.undoLabel}
        title={editor.undoLabel ? `Undo: ${editor.undoLabel}` : undefined}
      >
        <Undo2 size={20} aria-hidden="true" />
      </button>
      <button
        type="button"
        className={TOOL}
        aria-label="Redo"
        onClick={editor.redo}
        disabled={!editor.redoLabel}
        title={editor.redoLabel ? `Redo: ${editor.redoLabel}` : undefined}
      >
        <Redo2 size={20} aria-hidden="true" />
      </button>
      <span aria-live="polite" className="max-w-44 truncate text-sm text-soft max-xl:sr-only">
        {editor.saving ? 'Saving' : editor.undoLabel ? `Saved: ${editor.undoLabel}` : 'Saved'}
      </span>
      <TimeLine context={context} open={open === 'time'} onToggle={() => onToggle('time')} />
      <button type="button" className={TOOL} aria-expanded={drafting} onClick={onDraft}>
        Draft a class
      </button>
      {opens('people', `Who comes: ${people}`)}
      {opens(
        'kit',
        `Kit: ${kit.length === 0 ? 'none' : plural(kit.length, 'prop')}${short > 0 ? `, ${short} short` : ''}`,
      )}
      {opens('needs', 'Needs')}
      {opens('hands', 'Hand map')}
      {opens('others', 'Compare')}
      {opens('history', 'History')}
      {opens('details', 'Details')}
    </div>
  );
}

const TOOL =
  'inline-flex min-h-11 min-w-11 shrink-0 items-center justify-center rounded-full border-2 border-transparent px-2 whitespace-nowrap hover:border-edge hover:bg-paper aria-expanded:border-ink aria-expanded:bg-paper aria-expanded:font-semibold disabled:text-edge';
