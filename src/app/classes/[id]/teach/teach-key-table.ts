import type { TeachCommand } from '@/core/teach';

export type TeachAction =
  | Exclude<TeachCommand, 'go' | 'pause' | 'end'>
  | 'easier'
  | 'stronger'
  | 'hand'
  | 'water'
  | 'swap'
  | 'tap'
  | 'propose'
  | 'marks'
  | 'ask'
  | 'note'
  | 'sound'
  | 'undo'
  | 'finish'
  | 'interrupt'
  | 'help';

/** Where a key's button stands: the class itself, what changes it, help, with what is proposed, or with what was left undone. */
type Place = 'class' | 'change' | 'help' | 'proposal' | 'owed';

export type TeachKeyEntry = {
  readonly action: TeachAction;
  /** On the button, where the class does not say otherwise. */
  readonly label: string;
  /** As the button tells it. */
  readonly shown: string;
  /** As a keyboard names them, the presentation clicker's among them; letters small. */
  readonly keys: readonly string[];
  readonly place: Place;
};

const entry = (
  action: TeachAction,
  label: string,
  shown: string,
  place: Place,
  keys: readonly string[] = [shown.toLowerCase()],
): TeachKeyEntry => ({ action, label, shown, keys, place });

/** Every key of teaching: what it does, and its button. */
export const TEACH_KEYS: readonly TeachKeyEntry[] = [
  entry('goOrPause', 'Start', 'space', 'class', [' ']),
  entry('back', 'Back', '←', 'class', ['ArrowLeft', 'PageUp']),
  entry('next', 'Next', '→', 'class', ['ArrowRight', 'PageDown']),
  entry('repeat', 'Repeat', 'R', 'class'),
  entry('more', 'One more', '+', 'class', ['+', '=']),
  entry('stay', 'Stay on it', 'L', 'class'),
  entry('on', 'Other side now', 'O', 'class'),
  entry('skip', 'Skip', 'S', 'class'),
  entry('marks', 'Mark', 'M', 'class'),
  entry('ask', 'Ask', 'A', 'class'),
  entry('help', 'Stop and get help', 'H', 'help'),
  entry('easier', 'Easier', 'E', 'change'),
  entry('stronger', 'Stronger', 'G', 'change'),
  entry('slower', 'Slower', '↓', 'change', ['ArrowDown']),
  entry('faster', 'Faster', '↑', 'change', ['ArrowUp']),
  entry('tap', 'Tap tempo', 'T', 'change'),
  entry('hand', 'Hand break', 'B', 'change'),
  entry('water', 'Water', 'W', 'change'),
  entry('swap', 'Swap', 'C', 'change'),
  entry('note', 'Note', 'N', 'change'),
  entry('sound', 'Sound', 'V', 'change'),
  entry('interrupt', 'Pause for', 'I', 'change'),
  entry('finish', 'End here', 'X', 'change'),
  entry('undo', 'Undo', 'Z', 'owed'),
  entry('give', 'Give it now', 'J', 'owed'),
  entry('letGo', 'Let it go', 'K', 'owed'),
  entry('propose', 'Take the first proposal', 'P', 'proposal'),
];

/** What a key that is pressed does. */
export const actionOfKey = (key: string): TeachAction | undefined => {
  const plain = key.length === 1 ? key.toLowerCase() : key;
  return TEACH_KEYS.find(({ keys }) => keys.includes(plain))?.action;
};
