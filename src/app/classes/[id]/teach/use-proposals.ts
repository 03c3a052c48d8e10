'use client';

import { useMemo } from 'react';
import type { ClassFacts, Plan } from '@/core/plan';
import { proposals, type Proposal } from '@/core/teach';

/** So finely is the time looked at, ms: a proposal that changed every second could not be read. */
const STEP_MS = 30_000;

/** What to do about the time, thought over only when the row, the plan or the half-minute changes. */
export function useProposals(
  plan: Plan,
  facts: ClassFacts,
  rowIndex: number,
  spareMs: number,
): readonly Proposal[] {
  const steps = Math.floor(spareMs / STEP_MS);
  return useMemo(() => proposals(plan, facts, rowIndex, steps * STEP_MS), [plan, facts, rowIndex, steps]);
}
