import { EFFORT_KINDS, HAND_JOINTS, type EffortKind, type Joint } from '@/core/catalogue';
import type { CautionRule } from '@/core/screening';

const ANY = ['settled', 'sore', 'flare', 'not cleared'] as const;
/** Everything but looking. */
export const MOVING: readonly EffortKind[] = EFFORT_KINDS.filter((kind) => kind !== 'notice');
/** Work against something. */
export const AGAINST: readonly EffortKind[] = ['grip', 'pinch', 'opening', 'isometric', 'load'];
export const GLIDING: readonly EffortKind[] = ['active', 'warm'];
export const ARM: readonly Joint[] = [...HAND_JOINTS, 'shoulder'];

type Rest = Partial<Omit<CautionRule, 'id' | 'condition' | 'because' | 'when' | 'verdict'>>;

/** A rule whose exposure is left out. */
export const leaveOut = (
  id: string,
  condition: string,
  because: string,
  when: CautionRule['when'],
  rest: Rest = {},
): CautionRule => ({ id, condition, states: ANY, verdict: 'leaveOut', because, when, ...rest });

/** A rule whose exposure is done another way: in words, as limits, or both. */
export const adapt = (
  id: string,
  condition: string,
  because: string,
  how: string,
  when: CautionRule['when'],
  rest: Rest = {},
): CautionRule => ({
  id,
  condition,
  states: ANY,
  verdict: 'adapt',
  because,
  ...(how ? { how } : {}),
  when,
  ...rest,
});
