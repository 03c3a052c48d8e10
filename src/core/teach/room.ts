import { z } from 'zod';
import type { Beat } from '../dose/script';
import type { MovementFigure } from '../hand/motion';
import { countStyleSchema } from './count-style';
import type { TaughtRow } from './class-script';
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
