import type { ReactNode } from 'react';
import { rungNoteOf, doneWith } from '@/core/catalogue';
import { loadSettingNote } from '@/core/stance';
import { movementOfRow } from '@/core/plan';
import { type Beat, toldDose } from '@/core/dose';
import {
  beatAtTime,
  breathAt,
  faceOf,
  isStaying,
  offsetAtTime,
  type TaughtRow,
  type TeachState,
} from '@/core/teach';
import { BreathSwell } from '@/ui/cord/breath-swell';
import type { MirrorChoice } from '@/ui/hand/counted-hands';
import type { CountSettings } from '@/ui/hooks/use-count-settings';
import { clockText, lowerFirst } from '@/core/words';
import { Button } from '@/ui/form/button';
import { useCatalogue } from '@/ui/catalogue';

type Props = {
  row: TaughtRow;
  state: TeachState;
  beats: readonly Beat[];
  nowMs: number;
  settings: Pick<CountSettings, 'style' | 'mirror'>;
  onGo: () => void;
  /** The hands that show the movement; without them the count is in a narrow column. */
  figure: ReactNode | null;
};

const TITLE =
  'truncate text-[1.6rem] leading-tight md:text-[2.2rem] xl:text-[2.9rem] md:[@media(min-height:721px)]:whitespace-normal [@media(max-height:720px)]:text-[1.8rem]';
const NARROW_TITLE = 'truncate text-[1.6rem] leading-tight';

/** The current item, and the largest thing on the screen: the count. */
export function CountFace({ row, state, beats, nowMs, settings, onGo, figure }: Props) {
  const offset = offsetAtTime(state, nowMs);
  const catalogue = useCatalogue();
  const movement = row.row.kind === 'movement' ? movementOfRow(row.row, catalogue) : undefined;
  const way = movement ? [rungNoteOf(movement), loadSettingNote(movement)].filter(Boolean) : [];
  return (
    <section aria-label="Now" className={`flex flex-col ${figure === null ? 'shrink-0' : 'lg:min-h-0'}`}>
      <h1 className={figure === null ? NARROW_TITLE : TITLE}>{row.title}</h1>
      {row.row.kind === 'movement' && (
        <p
          className={`line-clamp-2 text-base leading-snug text-soft [@media(max-height:520px)]:hidden ${figure === null ? '' : 'md:text-lg xl:text-xl'}`}
        >
          {toldDose(row.row.dose, movement && doneWith(movement))}
          {way.length > 0 && <strong className="text-ink">, {way.join(', ')}</strong>}
        </p>
      )}
      <div className="flex items-center gap-3 py-1 md:gap-4 md:py-2 lg:min-h-0 lg:flex-1">
        {row.kind === 'movement' && figure !== null && (
          <div className="h-36 w-28 shrink-0 md:h-64 md:w-auto md:flex-1 lg:h-full lg:min-h-0 [@media(max-height:520px)]:h-36">
            {figure}
          </div>
        )}
        <div
          className="flex min-w-0 flex-1 flex-col self-stretch text-center lg:min-h-0 lg:overflow-y-auto"
          tabIndex={0}
          role="group"
          aria-label="The count"
        >
          {/* In the middle where there is room, from the top where there is not. */}
          <div className="my-auto flex flex-col items-center">
            {row.kind !== 'movement' ? (
              <Pause row={row} offset={offset} state={state} />
            ) : state.phase === 'setUp' ? (
              <SetUp row={row} offset={offset} state={state} onGo={onGo} />
            ) : (
              <Counting
                row={row}
                beats={beats}
                offset={offset}
                state={state}
                settings={settings}
                isNarrow={figure === null}
              />
            )}
          </div>
        </div>
      </div>
    </section>
  );
}

function SetUp({
  row,
  offset,
  state: { running, pausedFor },
  onGo,
}: {
  row: TaughtRow;
  offset: number;
  state: TeachState;
  onGo: () => void;
}) {
  const catalogue = useCatalogue();
  const movement = row.row.kind === 'movement' ? catalogue.movement(row.row.movementId) : undefined;
  return (
    <>
      <p className="mb-3 max-w-2xl text-base leading-snug md:text-lg xl:text-[1.4rem]">{movement?.what}</p>
      <Button look="main" className="px-6 py-3 text-xl xl:px-10 xl:py-4" onClick={onGo}>
        Start the count
      </Button>
      <p className="tabular mt-4 text-lg text-soft">
        {running ? 'Explain and show' : pausedWords(pausedFor)}, {clockText(offset)}
        {row.setUpMs > 0 && ` of about ${clockText(row.setUpMs)}`}
      </p>
    </>
  );
}

const pausedWords = (why: string | null): string => (why ? `Paused: ${why}` : 'Paused');

function Pause({ row, offset, state }: { row: TaughtRow; offset: number; state: TeachState }) {
  const left = row.countMs - offset;
  const words = {
    hand: 'Open, stretch back, shake',
    water: 'Everyone drinks',
    shake: 'Shake the hands loose',
    talk: 'Go on when you are ready',
    movement: '',
  }[row.kind];
  return (
    <>
      <p className="text-[1.7rem]">{words}</p>
      <p className="tabular text-[6rem] leading-none font-bold md:text-[8rem]">{clockText(Math.abs(left))}</p>
      <p className="text-xl text-soft">
        {left < 0 ? 'over' : 'left'}
        {!state.running && `, ${lowerFirst(pausedWords(state.pausedFor))}`}
      </p>
    </>
  );
}

function Counting({
  row,
  beats,
  offset,
  state,
  settings,
  isNarrow,
}: {
  isNarrow: boolean;
  row: TaughtRow;
  beats: readonly Beat[];
  offset: number;
  state: TeachState;
  settings: Pick<CountSettings, 'style' | 'mirror'>;
}) {
  const beat = beatAtTime(beats, offset);
  if (!beat)
    return (
      <p className="text-[4rem] font-bold" role="status">
        {row.resetMs > 0 ? 'shake out' : 'and rest'}
      </p>
    );
  const face = faceOf(beat, offset, settings.style, row.voice.of);
  const breath = breathAt(beat, offset, row.voice);
  const of = isStaying(state) && !beat.waits ? 'staying on it' : face.of;
  return (
    <>
      <p
        className={`min-h-10 text-[1.6rem] leading-tight font-bold ${isNarrow ? '' : 'md:min-h-14 md:text-[2.6rem] [@media(max-height:720px)]:min-h-10 [@media(max-height:720px)]:text-[1.8rem]'}`}
        role="status"
      >
        {sideWords(beat.side, face.side)}
        {mine(beat.side, settings.mirror)}
        {face.turn && <span className="sr-only">, </span>}
        {face.turn && (
          <span className="block text-[1.4rem] leading-tight font-normal md:text-[1.8rem]">{face.turn}</span>
        )}
      </p>
      <p data-testid="count" className={`tabular leading-none font-bold ${bigSize(face.big, isNarrow)}`}>
        {face.big}
      </p>
      <div className="flex flex-wrap items-center justify-center gap-x-6">
        <p className="tabular text-[1.3rem] text-soft md:text-[1.7rem]">
          {of}
          {!state.running && (
            <strong className="text-ink">, {lowerFirst(pausedWords(state.pausedFor))}</strong>
          )}
        </p>
        {breath && <BreathSwell breath={breath} />}
      </div>
    </>
  );
}

/** As large as the word allows beside the hands. */
function bigSize(big: string, isNarrow: boolean): string {
  if (isNarrow) return big.length <= 6 ? 'text-[4.5rem]' : 'text-[2.2rem]';
  if (/^\d+$/.test(big))
    return 'text-[7.5rem] md:[@media(min-height:841px)]:text-[8.5rem] xl:[@media(min-height:901px)]:text-[11rem] [@media(max-height:720px)]:text-[6.5rem]';
  return big.length <= 6
    ? 'text-[3.6rem] md:text-[5.5rem] [@media(max-height:720px)]:text-[4.5rem]'
    : 'text-[2.2rem] md:text-[3.6rem]';
}

/** The instructor's own hand that goes with the group's side: the other one while facing them as in a mirror. */
function mine(side: Beat['side'], mirror: MirrorChoice) {
  if (side !== 'L' && side !== 'R') return null;
  const same = mirror === 'as seen';
  return (
    <span className="text-[1.5rem] font-normal text-soft">
      {' '}
      your {(side === 'L') === same ? 'left' : 'right'}
    </span>
  );
}

/** The group's side, never the instructor's. */
function sideWords(side: Beat['side'], words: string): string {
  return side === 'L' || side === 'R' ? `their ${words}` : words;
}
