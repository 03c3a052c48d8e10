import { z } from 'zod';
import { doneWith, easierOf, rungEasier, type Catalogue } from '../catalogue';
import { type Beat, toldDose } from '../dose';
import type { MovementFigure } from '../hand';
import { movementOfRow, type Row } from '../plan';
import { withEdits } from './count-edits';
import { countStyleSchema } from './count-style';
import { numberedOn } from './series';
import type { TaughtRow } from './taught-row';
import type { RowVoice } from './ticks';
import { teachStateSchema, type TeachState } from './state';

/** What the room may see of a row: no names, no notes. */
export type RoomRow = {
  readonly kind: TaughtRow['kind'];
  readonly title: string;
  readonly dose: string;
  readonly countMs: number;
  readonly beats: readonly Beat[];
  readonly voice: RowVoice;
  readonly figure: MovementFigure | null;
  /** An easier way that everyone may take; empty where there is none. */
  readonly easier: string;
  /** How it looks, where a picture tells it. */
  readonly easierFigure: MovementFigure | null;
  /** The hands are shaken out after the count. */
  readonly shakes: boolean;
};

/** Everything the second window needs to show the class by itself until something changes. */
export type RoomView = {
  readonly classId: string;
  readonly startedAtMs: number;
  readonly rate: number;
  readonly state: TeachState;
  readonly row: RoomRow | null;
  readonly next: string;
  readonly mirror: 'as in a mirror' | 'as seen';
  readonly style: z.infer<typeof countStyleSchema>;
};

/** Where the class stands for whoever looks at it from elsewhere: by their own clock and in their own way. */
export type RoomFeed = Pick<RoomView, 'classId' | 'rate' | 'state' | 'row' | 'next'>;

/** What the room is told of the class: no names, no notes. */
export function roomFeed(
  { classId, rate }: Pick<RoomView, 'classId' | 'rate'>,
  rows: readonly TaughtRow[],
  state: TeachState,
  catalogue: Catalogue,
): RoomFeed {
  const row = rows[state.rowIndex];
  return {
    classId,
    rate,
    state: { ...state, changes: [], rungShifts: [], owed: [], away: [], pausedFor: null },
    row: row ? roomRow(row, catalogue) : null,
    next: nextTitle(rows[state.rowIndex + 1]),
  };
}

function roomRow(
  { kind, title, countMs, resetMs, beats, voice, row }: TaughtRow,
  catalogue: Catalogue,
): RoomRow {
  const planned = row.kind === 'movement' ? row : null;
  const movement = planned && movementOfRow(planned, catalogue);
  const easier = movement && rungEasier(movement);
  return {
    kind,
    title: row.kind === 'talk' ? talkTitle(row) : title,
    countMs,
    beats,
    voice,
    dose: planned ? toldDose(planned.dose, movement ? doneWith(movement) : 'hands') : '',
    figure: (planned && catalogue.figure(planned.movementId)) ?? null,
    easier: (movement && easierOf(movement)) ?? '',
    easierFigure: (easier && catalogue.figureOnRung(movement.id, easier)) ?? null,
    shakes: resetMs > 0,
  };
}

const nextTitle = (row: TaughtRow | undefined): string =>
  row?.row.kind === 'talk' ? '' : (row?.title ?? '');

/** The beats of the row under way, with all that was changed. */
export const beatsInRoom = ({ state }: Pick<RoomView, 'state'>, { beats }: RoomRow): readonly Beat[] =>
  withEdits(numberedOn(beats, state.ahead), state.edits);

/** A question is for the room to read; what else is said is the instructor's own note. */
const talkTitle = ({ question, text, title }: Extract<Row, { kind: 'talk' }>): string =>
  question ? text || title : 'A moment to listen';

/** What another machine is answered: where the class clock is, ms, and the class itself unless it is as it was last `seen`. */
export type RoomAnswer = {
  readonly seen: string;
  readonly classMs: number;
  readonly feed?: RoomFeed;
};

/** Between the two windows: the room asks, the instructor's screen tells. */
export type RoomMessage = { readonly kind: 'ask' } | { readonly kind: 'view'; readonly view: RoomView };

export const ROOM_CHANNEL = 'oskil-room';

const finite = z.number();
const viewSchema = z.object({
  kind: z.literal('view'),
  view: z.object({
    classId: z.string(),
    startedAtMs: finite,
    rate: finite.positive(),
    state: teachStateSchema,
    row: z
      .object({ title: z.string(), beats: z.array(z.object({ startMs: finite, durationMs: finite })) })
      .nullable(),
    next: z.string(),
    mirror: z.enum(['as in a mirror', 'as seen']),
    style: countStyleSchema,
  }),
});

/** A view as another window of this app sent it; null for anything else. */
export const viewFrom = (message: unknown): RoomView | null =>
  viewSchema.safeParse(message).success ? (message as { view: RoomView }).view : null;
