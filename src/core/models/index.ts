export type { CheckSeries, ModelCheck } from './check';
export { realChangeCheck, readinessCheck } from './chance-check';
export { enduranceCheck, recoveryCheck } from './endurance-check';
export { indexCheck } from './index-check';
export { leanCheck } from './lean-check';
export { modelsMarkdown } from './markdown';
export type { ModelTold } from './model';
