export { DRILLS, DRILL_MS, drillOf, type DrillFacts, type DrillId } from './drills';
export type { Question, Sitter } from './question';
export { sittersPicture } from './sitters';
