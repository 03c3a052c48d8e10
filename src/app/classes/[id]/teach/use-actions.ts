'use client';

import { useState } from 'react';
import { toast } from 'sonner';
import type { ClassFacts, Plan } from '@/core/plan';
import {
  beatAtTime,
  beatsOf,
  breakNow,
  changeWords,
  isStaying,
  longestStay,
  offsetAtTime,
  rungNow,
  type LiveChange,
  type Proposal,
} from '@/core/teach';
import type { Teaching } from './use-teaching';
import { useTaps } from './use-taps';
import type { TeachAction } from './teach-key-table';

export type Panel = 'marks' | 'help' | 'note' | 'swap' | 'sound';

type Given = {
  teaching: Teaching;
  plan: Plan;
  facts: ClassFacts;
  proposed: readonly Proposal[];
  /** Browsers let sound start only from a key or a tap. */
  wake: () => void;
};

/** What each key and tap does, the panel that is open, and a change made with its word on the screen. */
export function useActions({ teaching, plan, facts, proposed, wake }: Given) {
  const [panel, setPanel] = useState<Panel | null>(null);
  const tap = useTaps(teaching);
  const { rows, state, act } = teaching;
  const row = rows[state.rowIndex];
  const movementRow = row?.row.kind === 'movement' ? row.row : null;

  const change = (made: LiveChange) => {
    teaching.change(made);
    toast(changeWords(made));
  };
  const carryOut = (action: TeachAction) => {
    wake();
    switch (action) {
      case 'marks':
      case 'note':
      case 'sound':
        return setPanel(action);
      case 'swap':
        return movementRow ? setPanel('swap') : undefined;
      case 'help':
        act('pause');
        return setPanel('help');
      case 'easier':
      case 'stronger': {
        const made = movementRow && rungNow(movementRow, facts.catalogue, action);
        if (made) change(made);
        else if (movementRow) toast(`There is nothing ${action} than this.`);
        return;
      }
      case 'hand':
      case 'water':
        return row && change(breakNow(plan, row, state.phase, action));
      case 'propose':
        return proposed[0] && change(proposed[0]);
      case 'stay':
        if (row && !isStaying(state) && isFullHold(teaching)) {
          toast('A hold with effort is never longer than 10 s.');
          return;
        }
        return act('stay');
      case 'tap':
        return tap();
      default:
        return act(action);
    }
  };
  return { carryOut, change, panel, closePanel: () => setPanel(null), movementRow };
}

/** The hold under way is as long as an effort may be. */
function isFullHold({ rows, state, now }: Teaching): boolean {
  const row = rows[state.rowIndex];
  const beat = beatAtTime(beatsOf(rows, state), offsetAtTime(state, now()));
  return row !== undefined && state.phase === 'count' && beat !== null && longestStay(row, beat) === 0;
}
