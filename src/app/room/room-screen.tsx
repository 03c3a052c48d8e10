'use client';

import { useCallback, useMemo, type ReactNode } from 'react';
import {
  beatAtTime,
  breathAt,
  faceOf,
  isStaying,
  numberedOn,
  offsetAtTime,
  withEdits,
  type RoomRow,
  type RoomView,
} from '@/core/teach';
import { clockText } from '@/core/words';
import { BreathSwell } from '@/ui/cord/breath-swell';
import { CountedHands } from '@/ui/hand/counted-hands';
import { useAwake } from '@/ui/hooks/use-awake';
import { useClassClock } from '@/ui/hooks/use-class-clock';
import { useFrame } from '@/ui/hooks/use-frame';
import { useRoom } from './use-room';

/** The second window: hands, name, count, side and breath, to be read from across the room. No names. */
export function RoomScreen({ helpersClass }: { helpersClass: string | null }) {
  const { view, lost } = useRoom(helpersClass);
  useAwake(view !== null);
  if (!view)
    return (
      <Whole>
        <h1 className="m-auto max-w-4xl text-center text-[3rem] leading-tight font-normal">
          {helpersClass
            ? 'The class shows here once it begins.'
            : 'The class shows here once it is taught in another window of this browser.'}
        </h1>
      </Whole>
    );
  // A class that begins anew, and a clock that was moved, are followed from their beginning.
  return <Room key={`${view.classId} ${view.startedAtMs}`} view={view} lost={lost} />;
}

const Whole = ({ children }: { children: ReactNode }) => (
  <main id="main" className="flex h-screen flex-col gap-4 overflow-hidden px-10 py-6">
    {children}
  </main>
);

function Room({ view, lost }: { view: RoomView; lost: boolean }) {
  const { state, row, startedAtMs, rate, next } = view;
  const now = useClassClock(startedAtMs, rate);
  const read = useCallback(() => offsetAtTime(state, now()), [state, now]);
  const offset = useFrame(read, state.running);
  if (!row || state.phase === 'done')
    return (
      <Whole>
        <h1 className="m-auto text-[6rem]">Thank you all</h1>
      </Whole>
    );
  return (
    <Whole>
      <h1 className="text-[9vh] leading-none">{row.title}</h1>
      <div className="flex min-h-0 flex-1 items-center gap-6">
        {row.figure && (
          <div className="h-full min-h-0 flex-[1.2]">
            <CountedHands
              figure={row.figure}
              title={row.title}
              workShare={row.voice.workShare}
              beats={beatsNow(view, row)}
              phase={state.phase}
              offset={offset}
              mirror={view.mirror}
            />
          </div>
        )}
        <div className="flex min-w-0 flex-1 flex-col items-center justify-center text-center">
          {state.phase === 'setUp' ? (
            <p className="text-[4rem] leading-tight">{row.dose}</p>
          ) : row.kind === 'movement' ? (
            <RoomCount view={view} row={row} offset={offset} />
          ) : (
            <RoomPause row={row} offset={offset} />
          )}
        </div>
      </div>
      <p className="text-[5vh] leading-tight text-soft">
        {lost ? 'Oskil cannot be reached. The count goes on as it was last told.' : next && `Next: ${next}`}
      </p>
    </Whole>
  );
}

const beatsNow = ({ state }: RoomView, { beats }: RoomRow) =>
  withEdits(numberedOn(beats, state.ahead), state.edits);

type PartProps = { view: RoomView; row: RoomRow; offset: number };

function RoomCount({ view, row, offset }: PartProps) {
  const { state, style } = view;
  const beats = useMemo(() => beatsNow(view, row), [view, row]);
  const beat = beatAtTime(beats, offset);
  if (!beat) return <p className="text-[8rem] leading-none font-bold">shake out</p>;
  const face = faceOf(beat, offset, style);
  const breath = breathAt(beat, offset, row.voice);
  const size = face.big.length <= 3 ? 'text-[38vh]' : face.big.length <= 6 ? 'text-[18vh]' : 'text-[11vh]';
  return (
    <>
      <p className="text-[11vh] leading-tight font-bold" role="status">
        {face.side}
        {face.turn && <span className="block text-[6vh] font-normal">{face.turn}</span>}
      </p>
      <p data-testid="count" className={`tabular leading-none font-bold ${size}`}>
        {face.big}
      </p>
      <p className="tabular text-[5vh] text-soft">
        {isStaying(state) ? 'staying on it' : face.of}
        {!state.running && ', paused'}
      </p>
      {breath && <BreathSwell breath={breath} />}
    </>
  );
}

const PAUSE_WORDS = {
  hand: 'Open, stretch back, shake',
  water: 'A drink of water',
  talk: '',
  movement: '',
} as const;

function RoomPause({ row, offset }: { row: RoomRow; offset: number }) {
  return (
    <>
      <p className="text-[4rem] leading-tight">{PAUSE_WORDS[row.kind]}</p>
      {row.kind !== 'talk' && (
        <p className="tabular text-[20vh] leading-none font-bold">
          {clockText(Math.max(0, row.countMs - offset))}
        </p>
      )}
    </>
  );
}
