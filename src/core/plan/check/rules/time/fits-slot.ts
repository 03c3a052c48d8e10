import { clockText, plural } from '../../../../words';
import { cheapestCuts } from '../../shorten';
import { MAX_STEPS } from '../../../edit/step-schema';
import { PRACTICE, rule } from '../rule';

export const fitsSlot = rule({
  code: 'T1',
  severity: 'must',
  title: 'The class fits its slot',
  reason: 'A class that runs over loses its quiet ending, so the ending is kept and other rows give way.',
  source: PRACTICE,
  find: (context) => {
    const overMs = context.timing.totalMs - context.slotMs;
    if (overMs <= 0) return [];
    const cuts = cheapestCuts(context, overMs).slice(0, MAX_STEPS);
    return [
      {
        text: `The class is ${clockText(overMs)} longer than its ${clockText(context.slotMs)} slot.`,
        rowIds: cuts.map((c) => c.rowId),
        overMs,
        cuts,
      },
    ];
  },
  mend: (_, { overMs, cuts }) => {
    if (cuts.length === 0) return null;
    const savedMs = cuts.reduce((n, c) => n + c.savedMs, 0);
    const stillOver = overMs > savedMs ? `, ${clockText(overMs - savedMs)} still over` : '';
    return {
      label: `Shorten ${plural(cuts.length, 'row')}, saves ${clockText(savedMs)}${stillOver}`,
      step: { type: 'several', steps: cuts.map((c) => c.step) },
    };
  },
});
