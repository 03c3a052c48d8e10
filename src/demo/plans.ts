import { CATALOGUE } from '@/catalogue/movements';
import { GENTLE } from '@/core/catalogue';
import { withPrimaryCount, type Dose } from '@/core/dose';
import { emptyPlan, type Plan, type Row, type Section } from '@/core/plan';

type Entry =
  | string
  | { id: string; times?: number; dose?: Partial<Dose> }
  | { talk: string; s: number }
  | { rest: 'hand' | 'water'; s: number };

/** The usual dose; gentle movements counted in repetitions have grown by one from the third week. */
function rowOf(entry: Entry, id: string, week: number): Row {
  if (typeof entry !== 'string' && 'talk' in entry)
    return { kind: 'talk', id, title: entry.talk, durationMs: entry.s * 1000 };
  if (typeof entry !== 'string' && 'rest' in entry)
    return { kind: 'break', id, what: entry.rest, durationMs: entry.s * 1000 };
  const {
    id: movementId,
    times,
    dose,
  } = typeof entry === 'string' ? { id: entry, times: undefined, dose: {} } : entry;
  const { dose: usual, effort } = CATALOGUE.movement(movementId)!;
  const more = GENTLE.has(effort) && usual.count.mode === 'reps' && week > 2 ? 1 : 0;
  const base = times ? withPrimaryCount(usual.count, times) : usual.count;
  const count = base.mode === 'reps' ? withPrimaryCount(base, base.reps + more) : base;
  return { kind: 'movement', id, movementId, dose: { ...usual, count, ...dose }, note: '' };
}

function planOf(rows: Partial<Record<Section['kind'], readonly Entry[]>>, week: number): Plan {
  const plan = emptyPlan();
  return {
    ...plan,
    sections: plan.sections.map((section) => ({
      ...section,
      rows: (rows[section.kind] ?? []).map((entry, i) => rowOf(entry, `${section.kind}-${i + 1}`, week)),
    })),
  };
}

export const wednesdayPlan = (week: number): Plan =>
  planOf(
    {
      arrive: [
        { talk: 'Welcome, what today is for', s: 120 },
        { id: 'look-at-hands' },
        { id: 'arms-with-breath', times: 5 },
      ],
      wake: ['warm-palms', 'wrist-shake'],
      move: [
        { id: 'wrist-bend', times: 8 },
        { id: 'wrist-circles-table' },
        ...(week < 2 ? [] : ['wrist-side']),
        { id: 'palms-turn', times: 10 },
        { id: 'open-close', times: 6 },
        { id: 'five-shapes', times: 4 },
        { rest: 'water', s: 60 },
        'thumb-to-tips',
        { id: 'thumb-out-across', times: 8 },
        'finger-taps',
        { id: 'wrist-stretch-palm', times: 2 },
        ...(week < 3 ? [] : ['wrist-stretch-back']),
      ],
      hold: [{ id: 'wrist-up-hold', times: 5 }, 'palms-press'],
      grip: [
        { id: 'alternate-fists', times: 12 },
        { id: 'ball-squeeze', times: 6 },
        // Next week's break is still missing, so that the plan has something to mend.
        ...(week < 4 ? [{ rest: 'hand', s: 30 } as const] : []),
        { id: 'cloth-wring', dose: { sets: 2, restMs: 15_000 } },
        { rest: 'water', s: 90 },
        { talk: 'Chat: what have your hands done this week?', s: 120 },
      ],
      open: [...(week < 3 ? [] : ['single-finger-lifts']), 'loop-spread'],
      load: week < 2 ? [] : [{ id: 'thigh-press', times: 5 }, 'backs-together', 'wrist-shake'],
      ease: ['web-stretch', 'roll-each-finger', { id: 'stroke-arms', times: 4 }, { rest: 'water', s: 45 }],
      settle: [{ id: 'quiet-breath', times: 10 }, 'look-again', { talk: 'Closing line and goodbye', s: 60 }],
    },
    week,
  );

export const fridayPlan = (week: number): Plan =>
  planOf(
    {
      arrive: [{ talk: 'Welcome', s: 120 }, 'look-at-hands', 'arms-with-breath'],
      wake: [{ id: 'press-warm-palms', times: 5 }, 'wrist-shake'],
      move: [
        { id: 'wrist-bend', times: 8 },
        'wrist-circles-air',
        { id: 'palms-turn', times: 8 },
        { id: 'open-close', times: 6 },
        { id: 'five-shapes', times: 3 },
        { id: 'thumb-out-across', times: 8 },
        { id: 'finger-wave', dose: { sets: 2, restMs: 10_000 } },
        'finger-taps',
      ],
      grip: [
        { id: 'alternate-fists', times: 10, dose: { sets: 2, restMs: 15_000 } },
        { rest: 'water', s: 60 },
        { talk: 'Chat: one thing that was easier this week', s: 120 },
      ],
      ease: [
        { id: 'web-stretch', times: 2 },
        'roll-each-finger',
        { id: 'stroke-arms', times: 4 },
        'wrist-shake',
        { rest: 'water', s: 45 },
      ],
      settle: [
        { id: 'quiet-breath', times: 12 },
        'look-again',
        { talk: 'A line to read and goodbye', s: 90 },
      ],
    },
    week,
  );

export const DEMO_BAG: Readonly<Record<string, number>> = {
  'foam-ball': 16,
  cloth: 16,
  'fabric-loop': 16,
  'seed-tub': 8,
  'soft-ring': 10,
  putty: 8,
  tin: 8,
  dome: 4,
};
