'use client';

import { useCallback, useMemo, type ReactNode } from 'react';
import {
  beatAtTime,
  beatsInRoom,
  breathAt,
  faceOf,
  isStaying,
  offsetAtTime,
  type RoomRow,
  type RoomView,
} from '@/core/teach';
import { clockText } from '@/core/words';
import { BreathSwell } from '@/ui/cord/breath-swell';
import { CountedHands } from '@/ui/hand/counted-hands';
import { useAwake } from '@/ui/hooks/use-awake';
import { useClassClock } from '@/ui/hooks/use-class-clock';
import { useFrame } from '@/ui/hooks/use-frame';
import { useRoom, type Lost } from './use-room';

/** The second window: hands, name, count, side and breath, to be read from across the room. No names. */
export function RoomScreen({ helpersClass }: { helpersClass: string | null }) {
  const { view, lost } = useRoom(helpersClass);
  useAwake(view !== null);
  if (!view)
    return (
      <Whole>
        <h1 className="mt-auto text-center text-[14vh] leading-none">Welcome</h1>
        <p className="mx-auto max-w-5xl text-center text-[5vh] leading-tight">
          Rings off, sleeves loose, feet flat on the floor.
        </p>
        <p className="mx-auto mb-auto max-w-4xl text-center text-[3.5vh] leading-tight text-soft">
          {helpersClass
            ? 'The class shows here once it begins.'
            : 'The class shows here once it is taught in another window of this browser.'}
        </p>
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

const LOST_WORDS: Readonly<Record<NonNullable<Lost>, string>> = {
  window: 'The teaching screen is not heard of.',
  Oskil: 'Oskil cannot be reached.',
};

function Room({ view, lost }: { view: RoomView; lost: Lost }) {
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
  const isPaused = !state.running && state.phase === 'count' && row.kind === 'movement';
  return (
    <Whole>
      <h1 className="text-[9vh] leading-none">{row.title}</h1>
      <div className={`flex min-h-0 flex-1 items-center gap-6 ${isPaused ? 'opacity-40' : ''}`}>
        {row.figure && (
          <div className="h-full min-h-0 flex-[1.2]">
            <CountedHands
              figure={row.figure}
              title={row.title}
              workShare={row.voice.workShare}
              beats={beatsInRoom(view, row)}
              phase={state.phase}
              offset={offset}
              mirror={view.mirror}
              where
            />
          </div>
        )}
        <div className="flex min-w-0 flex-1 flex-col items-center justify-center text-center">
          {state.phase === 'setUp' ? (
            <p className="text-[8vh] leading-tight">{row.dose}</p>
          ) : row.kind === 'movement' ? (
            <RoomCount view={view} row={row} offset={offset} />
          ) : (
            <RoomPause row={row} offset={offset} />
          )}
        </div>
      </div>
      {row.easier && (
        <div className={`flex items-center gap-6 ${isPaused ? 'opacity-40' : ''}`}>
          {row.easierFigure && (
            <div className="h-[16vh] w-[28vh] shrink-0">
              <CountedHands
                figure={row.easierFigure}
                title={`${row.title}, ${row.easier}`}
                workShare={row.voice.workShare}
                beats={beatsInRoom(view, row)}
                phase={state.phase}
                offset={offset}
                mirror={view.mirror}
              />
            </div>
          )}
          <p className="text-[4.5vh] leading-tight">Also fine: {row.easier}, or one hand resting</p>
        </div>
      )}
      <p className="text-[5vh] leading-tight text-soft">
        {lost ? `${LOST_WORDS[lost]} The count goes on as it was last told.` : next && `Next: ${next}`}
      </p>
    </Whole>
  );
}

type PartProps = { view: RoomView; row: RoomRow; offset: number };

function RoomCount({ view, row, offset }: PartProps) {
  const { state, style } = view;
  const beats = useMemo(() => beatsInRoom(view, row), [view, row]);
  const beat = beatAtTime(beats, offset);
  if (!beat)
    return <p className="text-[16vh] leading-none font-bold">{row.shakes ? 'shake out' : 'and rest'}</p>;
  const face = faceOf(beat, offset, style, row.voice.of);
  const breath = breathAt(beat, offset, row.voice);
  const size = face.big.length <= 3 ? 'text-[38vh]' : face.big.length <= 6 ? 'text-[18vh]' : 'text-[11vh]';
  return (
    <>
      <p className="text-[11vh] leading-tight font-bold" role="status">
        {state.running ? face.side : 'A short pause'}
        {face.turn && <span className="block text-[6vh] font-normal">{face.turn}</span>}
      </p>
      <p data-testid="count" className={`tabular leading-none font-bold ${size}`}>
        {face.big}
      </p>
      <p className="tabular text-[5vh] text-soft">
        {isStaying(state) && !beat.waits ? 'staying on it' : face.of}
      </p>
      {breath && <BreathSwell breath={breath} size="vh" />}
    </>
  );
}

const PAUSE_WORDS = {
  hand: 'Open, stretch back, shake',
  water: 'A drink of water',
  shake: 'Shake the hands loose',
  talk: '',
  movement: '',
} as const;

function RoomPause({ row, offset }: { row: RoomRow; offset: number }) {
  return (
    <>
      <p className="text-[8vh] leading-tight">{PAUSE_WORDS[row.kind]}</p>
      {row.kind !== 'talk' && (
        <p className="tabular text-[20vh] leading-none font-bold">
          {clockText(Math.max(0, row.countMs - offset))}
        </p>
      )}
    </>
  );
}
