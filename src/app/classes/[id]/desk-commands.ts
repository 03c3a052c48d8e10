import type { PageCommand } from '@/ui/commands';
import type { Panel } from './side-panel';
import type { PlanEditor } from './use-plan';

/** The panels beside the order, by the words they are opened with. */
const PANELS: readonly (readonly [Panel, name: string, words: string])[] = [
  ['people', 'Who comes', 'people helpers roster'],
  ['kit', 'Kit', 'props bag pack balls'],
  ['time', 'Time', 'clock length long'],
  ['needs', 'Needs', 'cautions trouble help'],
  ['hands', 'Hand map', 'joints covered'],
  ['others', 'Compare', 'other class last week bring rows blocks'],
  ['history', 'History', 'changes steps back'],
  ['details', 'Details', 'day place start share take away delete reminders breath'],
];

type Given = {
  readonly editor: PlanEditor;
  readonly onToggle: (panel: Panel) => void;
  readonly onDraft: () => void;
};

/** What can be done with the plan as a whole. */
export const deskCommands = ({ editor, onToggle, onDraft }: Given): readonly PageCommand[] => [
  ...(editor.undoLabel ? [{ name: `Undo: ${editor.undoLabel}`, words: 'take back', run: editor.undo }] : []),
  ...(editor.redoLabel ? [{ name: `Redo: ${editor.redoLabel}`, words: 'again', run: editor.redo }] : []),
  { name: 'Draft a class', words: 'make propose fill solver', run: onDraft },
  ...PANELS.map(([panel, name, words]) => ({
    name: `Open ${name}`,
    words,
    run: () => onToggle(panel),
  })),
];
