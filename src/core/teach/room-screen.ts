import { z } from 'zod';
import type { Catalogue } from '../catalogue';
import { doseWords, type Beat } from '../dose';
import type { MovementFigure } from '../hand';
import { countStyleSchema } from './count-style';
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
    state: { ...state, changes: [], rungShifts: [] },
    row: row ? roomRow(row, catalogue) : null,
    next: rows[state.rowIndex + 1]?.title ?? '',
  };
}

function roomRow({ kind, title, countMs, beats, voice, row }: TaughtRow, catalogue: Catalogue): RoomRow {
  const planned = row.kind === 'movement' ? row : null;
  return {
    kind,
    title,
    countMs,
    beats,
    voice,
    dose: planned ? doseWords(planned.dose) : '',
    figure: (planned && catalogue.figure(planned.movementId)) ?? null,
  };
}

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
