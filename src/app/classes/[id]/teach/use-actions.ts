'use client';

import { useState } from 'react';
import { REMOTE_COMMANDS, type RemoteCommand } from '@/core/lead';
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
import { useTold } from './use-told';
import type { TeachAction } from './teach-key-table';

export type Panel = 'marks' | 'ask' | 'help' | 'note' | 'swap' | 'sound' | 'finish' | 'interrupt';

const isRemoteCommand = (action: string): action is RemoteCommand =>
  (REMOTE_COMMANDS as readonly string[]).includes(action);

type Given = {
  teaching: Teaching;
  plan: Plan;
  facts: ClassFacts;
  proposed: readonly Proposal[];
  /** Browsers let sound start only from a key or a tap. */
  wake: () => void;
  /** Where another screen teaches: what is asked for is told to it. */
  onTell: ((command: RemoteCommand) => void) | undefined;
};

/** What each key and tap does, the panel that is open, and a change made with its word on the screen. */
export function useActions({ teaching, plan, facts, proposed, wake, onTell }: Given) {
  const [panel, setPanel] = useState<Panel | null>(null);
  const { told, tell, hush } = useTold();
  const tap = useTaps(teaching, tell);
  const { rows, state, act } = teaching;
  const row = rows[state.rowIndex];
  const movementRow = row?.row.kind === 'movement' ? row.row : null;

  const change = (made: LiveChange) => {
    teaching.change(made);
    tell(changeWords(made), true);
  };
  /** Of a screen that does not teach: marks, questions and help are its own, the rest is told to the one that does. */
  const tellOther = (action: TeachAction, other: (command: RemoteCommand) => void) => {
    if (action === 'help') other('pause');
    if (action === 'marks' || action === 'ask' || action === 'help') setPanel(action);
    else if (isRemoteCommand(action)) other(action);
  };
  const carryOut = (action: TeachAction) => {
    if (onTell) return tellOther(action, onTell);
    wake();
    switch (action) {
      case 'marks':
      case 'ask':
      case 'note':
      case 'finish':
      case 'sound':
        return setPanel(action);
      case 'interrupt':
        act('pause');
        return setPanel('interrupt');
      case 'swap':
        return movementRow ? setPanel('swap') : undefined;
      case 'help':
        act('pause');
        return setPanel('help');
      case 'easier':
      case 'stronger': {
        const made = movementRow && rungNow(movementRow, facts.catalogue, action);
        if (made) change(made);
        else if (movementRow) tell(`There is nothing ${action} than this.`);
        return;
      }
      case 'hand':
      case 'water':
        return row && change(breakNow(plan, row, state.phase, action));
      case 'propose':
        return proposed[0] && change(proposed[0]);
      case 'stay':
        if (row && !isStaying(state) && isFullHold(teaching)) {
          tell('A hold with effort is never longer than 10 s.');
          return;
        }
        act('stay');
        return tell(isStaying(teaching.nowState()) ? 'Staying on it' : 'Going on from it', true);
      case 'tap':
        return tap();
      case 'undo':
        teaching.undo();
        return hush();
      case 'slower':
      case 'faster':
        act(action);
        return tell(paceNow(teaching), true);
      default:
        act(action);
        // What stands on the line is about the last thing that was done.
        if (DONE_WORDS[action]) tell(DONE_WORDS[action], true);
        else hush();
    }
  };
  return { carryOut, change, told, panel, closePanel: () => setPanel(null), movementRow };
}

/** What is told of what was done, where the screen itself does not say it. */
const DONE_WORDS: Partial<Record<TeachAction, string>> = {
  next: 'On to the next row',
  back: 'Back a row',
  skip: 'Skipped',
  repeat: 'From the beginning',
  more: 'One more',
  on: 'On to what comes next',
  letGo: 'Let go',
  give: 'Given now',
};

/** How quickly the count goes now; holds and breaths are not hurried. */
function paceNow({ rows, state, nowState, now }: Teaching): string {
  const beats = beatsOf(rows, nowState());
  const beat = beats.findLast((b) => b.kind === 'rep' || b.kind === 'step');
  if (!beat || state.phase !== 'count') return 'Holds, breaths and free time keep their seconds';
  const at = beatAtTime(beats, offsetAtTime(nowState(), now()));
  const next = beats.find((b) => b.startMs >= (at?.startMs ?? 0) && b.kind === beat.kind && b !== at) ?? beat;
  return `From the next one on, one every ${(next.durationMs / 1000).toFixed(1)} s`;
}

/** The hold under way is as long as an effort may be. */
function isFullHold({ rows, state, now }: Teaching): boolean {
  const row = rows[state.rowIndex];
  const beat = beatAtTime(beatsOf(rows, state), offsetAtTime(state, now()));
  return row !== undefined && state.phase === 'count' && beat !== null && longestStay(row, beat) === 0;
}
