import { useMemo } from 'react';
import type { Beat } from '@/core/dose';
import { previewAt, showingAt, withSplit, type MovementFigure } from '@/core/hand';
import type { TeachState } from '@/core/teach';
import { Hands, whoOf } from './hands';

export type MirrorChoice = 'as in a mirror' | 'as seen';

type Props = {
  figure: MovementFigure;
  title: string;
  /** The share of a repetition that the work takes. */
  workShare: number;
  beats: readonly Beat[];
  phase: TeachState['phase'];
  offset: number;
  mirror: MirrorChoice;
  /** With a small person who has their hands where these are. */
  where?: boolean;
};

/** Both hands with the count: the group's left on the screen's left as in a mirror, or as seen. */
export function CountedHands({
  figure,
  title,
  workShare,
  beats,
  phase,
  offset,
  mirror,
  where = false,
}: Props) {
  // Once for a row and not for each frame: its room is measured from all of the movement.
  const shown = useMemo(() => withSplit(figure, workShare), [figure, workShare]);
  return (
    <Hands
      figure={shown}
      showing={phase === 'setUp' ? previewAt(beats, offset) : showingAt(beats, offset)}
      label={`${whoOf(figure)}: ${title.toLowerCase()}`}
      where={where}
      order={mirror === 'as in a mirror' ? ['L', 'R'] : ['R', 'L']}
    />
  );
}
