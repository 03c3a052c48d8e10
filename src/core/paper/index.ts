export { cueSheet } from './cue-sheet';
export { groupSheet } from './group-sheet';
export { homeCard } from './home-card';
export { hostSummary } from './host-summary';
export { kitSheet } from './kit-sheet';
export { laySheet, type LaidSheet } from './lay-sheet';
export type { PathMark, PrintedMark, PrintedPages, Stroke, Tag, TextWidth, WordMark } from './marks';
export { PAGE_MARGIN_PT, PAPERS, PAPER_SIZES, type Paper } from './paper-size';
export { personSummary } from './person-summary';
export { registerSheet } from './register-sheet';
export { safetySheet } from './safety-sheet';
export {
  words,
  type Beside,
  type SheetBlock,
  type SheetColumn,
  type DayWords,
  type Piece,
  type Run,
  type Sheet,
  type SheetRow,
  type SheetTable,
  type TextSize,
} from './sheet';
