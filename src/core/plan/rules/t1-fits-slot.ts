import { clockText, plural } from '../../words';
import { finding, type SequencingRule } from '../finding';
import { cheapestCuts } from '../shorten';
import { MOST_STEPS } from '../step';

/** T1 The class fits its slot, arrival and closing included; the ending is protected. */
export const fitsSlot: SequencingRule = (context) => {
  const overMs = context.timing.totalMs - context.slotMs;
  if (overMs <= 0) return [];
  const cuts = cheapestCuts(context, overMs).slice(0, MOST_STEPS);
  const savedMs = cuts.reduce((n, c) => n + c.savedMs, 0);
  const left = overMs - savedMs;
  return [
    finding(
      'T1',
      'must',
      `The class is ${clockText(overMs)} longer than its ${clockText(context.slotMs)} slot.`,
      'A class that runs over loses its quiet ending, so the ending is kept and other rows give way.',
      {
        rowIds: cuts.map((c) => c.rowId),
        mend:
          cuts.length > 0
            ? {
                label: `Shorten ${plural(cuts.length, 'row')}, saves ${clockText(savedMs)}${left > 0 ? `, ${clockText(left)} still over` : ''}`,
                step: { type: 'several', steps: cuts.map((c) => c.step) },
              }
            : null,
      },
    ),
  ];
};
