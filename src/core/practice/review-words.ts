import { clockText, plural } from '../words';
import type { PracticeReview } from './review';
import { CUES, SLIPS } from './slips';
import type { Reaction } from './reactions';

/** How a practice class went, in sentences: what matters most first. */
export function reviewLines(review: PracticeReview): readonly string[] {
  const { seen, missed, secondsToSee, shares, ending, hurt, unevenPercent } = review;
  const { rowsPlanned, rowsShort } = review;
  const percent = (share: number) => `${Math.round(share * 100)} %`;
  const all = seen + missed;
  return [
    all === 0
      ? 'Nothing went wrong that lasted long enough to be seen.'
      : `You met ${seen} of ${plural(all, 'slip')}${secondsToSee === null ? '' : `, the middle one after ${Math.round(secondsToSee)} s`}.`,
    hurt.length === 0
      ? 'Nobody’s hands hurt clearly more than at the beginning.'
      : `${plural(new Set(hurt.map((h) => h.personId)).size, 'person', 'people')} hurt clearly more than at the beginning.`,
    {
      kept: 'The ending was kept.',
      'cut short': 'The ending was cut short.',
      'left out': 'The ending was left out.',
    }[ending],
    rowsShort.length === 0
      ? `All ${plural(rowsPlanned, 'row')} were given in full, with both hands.`
      : `${rowsPlanned - rowsShort.length} of ${plural(rowsPlanned, 'row')} were given in full.`,
    ...(unevenPercent === null
      ? []
      : [
          `The time between numbers varied by ${Math.round(unevenPercent)} % within a side${unevenPercent < EVEN_PERCENT ? ': even' : ''}.`,
        ]),
    `${percent(shares.moving)} of ${clockText(review.lengthMs)} was movement and breaks, ${percent(shares.talking)} talk and explaining, ${percent(shares.paused)} waiting.`,
  ];
}

/** Up to this the count is even; every pause and change of pace shows in it. */
const EVEN_PERCENT = 8;

/** What one slip was, what it came of, and what was done or would have helped. */
export function reactionWords({ slip, seenMs }: Reaction, name: string): string {
  const { seen, answers } = SLIPS[slip.kind];
  const cue = CUES.find((c) => c.id === answers[0]);
  const helps = cue ? `Say: “${cue.words}.”` : 'Stop, and get help.';
  const met =
    seenMs === null
      ? `Not met. ${helps}`
      : `Met after ${Math.max(1, Math.round((seenMs - slip.fromMs) / 1000))} s.`;
  return `${name} ${seen}: ${slip.why}. ${met}`;
}
