import { ADVICE_SIGNS, STOP_SIGNS } from '../teach';
import { lines, paragraph, soft, words, type SheetBlock } from './sheet';

/** Where to stop, whom to call, when to ask for advice; for the wall. */
export const safetySheet = (venue: string): readonly SheetBlock[] => [
  { kind: 'heading', text: 'Stop, and get help, at' },
  { kind: 'list', items: STOP_SIGNS },
  { kind: 'heading', text: 'Here' },
  ...(venue
    ? lines(venue)
    : [
        paragraph(
          soft(
            'The venue’s own wording is not written yet: first-aid rules, the number to call, where the kit, the phone and the exits are. It is written in Settings.',
          ),
        ),
      ]),
  { kind: 'heading', text: 'Not an emergency, but ask for advice about' },
  { kind: 'list', items: ADVICE_SIGNS },
  words('Each person’s own clinician, local rules and the instructor’s qualification come first.', 'small'),
];
