import type { Purpose } from '../catalogue';
import type { DoneWith, Dose } from '../dose';
import type { MovementFigure } from '../hand';

/** A few words in one tone. */
export type Run = { readonly text: string; readonly tone?: 'bold' | 'soft' };
export type TextSize = 'small' | 'large' | 'huge';
/** A paragraph. */
export type Text = { readonly kind: 'text'; readonly runs: readonly Run[]; readonly size?: TextSize };
/** A dose drawn as beads on a cord. */
export type CordPiece = {
  readonly kind: 'cord';
  readonly dose: Dose;
  readonly purpose: Purpose;
  readonly of: DoneWith;
  readonly breathMs: number;
};
/** An empty round to tick. */
type CheckBox = { readonly kind: 'tick'; readonly what: string };
/** Days with so many rounds to tick; none where a day is for rest. */
export type TickDays = {
  readonly kind: 'days';
  readonly days: readonly { readonly label: string; readonly times: number }[];
};
/** A movement drawn small; `shows` is for those who cannot see it. */
type PicturePiece = {
  readonly kind: 'picture';
  readonly figure: MovementFigure;
  readonly shows: string;
};
/** What may stand in a cell or beside a picture. */
export type Piece = Text | CordPiece | CheckBox | TickDays | PicturePiece;

/** A movement drawn, with what stands at its right. */
export type Beside = {
  readonly figure: MovementFigure | null;
  /** What the picture shows, for those who cannot see it. */
  readonly shows: string;
  readonly pieces: readonly Piece[];
};

export type SheetColumn = {
  /** Null where what stands below needs no head. */
  readonly head: string | null;
  /** Share of the width, against the other columns. */
  readonly share: number;
  readonly end?: true;
  /** Room to write in: lines at its left. */
  readonly ruled?: true;
};
export type SheetRow = readonly (readonly Piece[])[];
type RowGroup = { readonly name: string | null; readonly rows: readonly SheetRow[] };
export type SheetTable = {
  readonly kind: 'table';
  /** What the table is, for those who listen. */
  readonly name: string;
  readonly columns: readonly SheetColumn[];
  /** The column whose cells name their rows. */
  readonly nameColumn: number;
  readonly groups: readonly RowGroup[];
  /** Rows to be written on are higher. */
  readonly toWriteOn?: true;
};

export type SheetBlock =
  | Piece
  | { readonly kind: 'heading'; readonly text: string }
  | { readonly kind: 'list'; readonly items: readonly string[] }
  | SheetTable
  /** Movements in order, one or two abreast. */
  | { readonly kind: 'figures'; readonly abreast: 1 | 2; readonly items: readonly Beside[] };

/**
 * What stands on a sheet of paper, however it is put there: a page prints it, and a PDF is made of it.
 * `sides` is the most it should take; the print shrinks, down to a size that can still be read, to keep to it.
 */
export type Sheet = {
  readonly title: string;
  readonly line: string;
  readonly blocks: readonly SheetBlock[];
  readonly print: 'small' | 'normal' | 'large';
  readonly sides: number | null;
};

export const words = (text: string, size?: TextSize): Text => ({
  kind: 'text',
  runs: [{ text }],
  ...(size && { size }),
});
export const bold = (text: string): Run => ({ text, tone: 'bold' });
export const soft = (text: string): Run => ({ text, tone: 'soft' });
export const paragraph = (...runs: readonly Run[]): Text => ({ kind: 'text', runs });

/** Words somebody wrote, line by line. */
export const lines = (text: string, size?: TextSize): readonly Text[] =>
  text
    .split(/\r?\n/)
    .filter((l) => l.trim() !== '')
    .map((l) => words(l.trim(), size));

/** How days are said on paper: "Wednesday 25 November" and "Wed 25 Nov". */
export type DayWords = { readonly long: (day: string) => string; readonly short: (day: string) => string };
