'use client';

import { useCallback, useMemo } from 'react';
import type { Beat } from '@/core/dose/script';
import { withSplit } from '@/core/hand/motion';
import { previewAt, showingAt } from '@/core/hand/showing';
import type { TaughtRow } from '@/core/teach/class-script';
import type { TeachState } from '@/core/teach/state';
import { offsetAtTime } from '@/core/teach/position';
import { useCatalogue } from '@/ui/catalogue';
import { Hands } from '@/ui/hands';
import { useFrame } from '@/ui/use-frame';
import type { MirrorChoice } from './use-ways';

type Props = {
  row: TaughtRow;
  beats: readonly Beat[];
  state: TeachState;
  now: () => number;
  mirror: MirrorChoice;
};

/** Both hands with the count: the group's left on the screen's left as in a mirror, or as seen. */
export function HandPair({ row, beats, state, now, mirror }: Props) {
  const read = useCallback(() => offsetAtTime(state, now()), [state, now]);
  const offset = useFrame(read, state.running);
  const catalogue = useCatalogue();
  const id = row.row.kind === 'movement' ? row.row.movementId : '';
  const figure = useMemo(() => {
    const [movement, plain] = [catalogue.movement(id), catalogue.figure(id)];
    return movement && plain && withSplit(plain, movement.phases.workShare);
  }, [catalogue, id]);
  if (!figure) return null;
  return (
    <Hands
      figure={figure}
      showing={state.phase === 'setUp' ? previewAt(beats, offset) : showingAt(beats, offset)}
      label={`Two hands: ${row.title.toLowerCase()}`}
      order={mirror === 'as in a mirror' ? ['L', 'R'] : ['R', 'L']}
    />
  );
}
