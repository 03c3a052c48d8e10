export { GAP, answerOf, type Solve } from './answer';
export { draftClass, type Draft } from './draft';
export type { TaskLine } from './tasks';
export { FOCUSES, type DraftWish, type Focus } from './wish';
