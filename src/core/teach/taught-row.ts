import type { Beat } from '../dose';
import type { BreakKind, Row } from '../plan';
import type { RowVoice } from './ticks';

/** One row as it is taught: planned lengths in ms, and its count. */
export type TaughtRow = {
  readonly rowId: string;
  readonly kind: 'movement' | 'talk' | BreakKind;
  readonly title: string;
  readonly section: string;
  readonly row: Row;
  readonly plannedStartMs: number;
  readonly plannedMs: number;
  /** Hand-out, explaining and showing; the instructor ends it. */
  readonly setUpMs: number;
  /** Of that, explaining and showing. */
  readonly wayInMs: number;
  readonly isNew: boolean;
  /** Props handed out and taken back before it, by id. */
  readonly handOut: readonly string[];
  readonly collect: readonly string[];
  readonly beats: readonly Beat[];
  readonly voice: RowVoice;

  /** It is work against resistance or body weight. */
  readonly effort: boolean;
  /** The number a long series has reached before this row; 0 where the count is its own. */
  readonly countedBefore: number;
  readonly countMs: number;
  /** The shake-out after the count. */
  readonly resetMs: number;
};
