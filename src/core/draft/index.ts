export { answerOf, SOLVER_OPTIONS, type Solve } from './answer';
export { draftClass, type Draft } from './draft';
export { fittedTo, type Fitted, type GaveWay } from './fit';
export { planOfStarter, starterSections, type Starter, type StarterSection } from './starter';
export type { TaskLine } from './tasks';
export { FOCUSES, plainWish, type DraftWish, type Focus } from './wish';
