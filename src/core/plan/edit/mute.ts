import type { Finding } from '../check/finding';
import type { Mute, Plan } from '../plan';
import type { PlanStep } from './step-schema';

/** A muted rule stays quiet; a must only when somebody wrote down why. */
export const isMuted = ({ code, severity }: Pick<Finding, 'code' | 'severity'>, plan: Plan): boolean => {
  const mute = muteOf(code, plan);
  return mute !== null && (severity !== 'must' || mute.reason !== '');
};

export const muteOf = (code: string, { mutes = [] }: Plan): Mute | null =>
  mutes.find((m) => m.code === code) ?? null;

export const muteStep = (plan: Plan, mute: Mute): PlanStep => ({
  type: 'setMutes',
  mutes: [...(plan.mutes ?? []).filter((m) => m.code !== mute.code), mute],
});

export const unmuteStep = (plan: Plan, code: string): PlanStep => ({
  type: 'setMutes',
  mutes: (plan.mutes ?? []).filter((m) => m.code !== code),
});

/** A plan for another day: what was muted for one class speaks again in the next. */
export const withoutMutes = ({ mutes: _, ...plan }: Plan): Plan => plan;
