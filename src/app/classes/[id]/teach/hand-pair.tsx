'use client';

import { useCallback } from 'react';
import type { Beat } from '@/core/dose';
import { offsetAtTime, type TaughtRow, type TeachState } from '@/core/teach';
import { useCatalogue } from '@/ui/catalogue';
import { CountedHands, type MirrorChoice } from '@/ui/hand/counted-hands';
import { useFrame } from '@/ui/hooks/use-frame';

type Props = {
  row: TaughtRow;
  beats: readonly Beat[];
  state: TeachState;
  now: () => number;
  mirror: MirrorChoice;
};

/** The hands of the row under way, drawn anew on each frame. */
export function HandPair({ row, beats, state, now, mirror }: Props) {
  const read = useCallback(() => offsetAtTime(state, now()), [state, now]);
  const offset = useFrame(read, state.running);
  const catalogue = useCatalogue();
  const figure = row.row.kind === 'movement' ? catalogue.figure(row.row.movementId) : undefined;
  if (!figure) return null;
  return (
    <CountedHands
      figure={figure}
      title={row.title}
      workShare={row.voice.workShare}
      beats={beats}
      phase={state.phase}
      offset={offset}
      mirror={mirror}
      where
    />
  );
}
