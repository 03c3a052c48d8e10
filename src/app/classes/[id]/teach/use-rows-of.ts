'use client';

import { useMemo } from 'react';
import { CATALOGUE } from '@/catalogue/movements';
import type { PlanStep } from '@/core/plan';
import { memo } from '@/core/remember';
import { rowsOfSnapshot, type Snapshot, type TaughtRow } from '@/core/teach';

export type RowsOf = (changes: readonly PlanStep[]) => readonly TaughtRow[];

/** The rows for what was changed so far; the same changes give the same rows. */
export const useRowsOf = (snapshot: Snapshot): RowsOf =>
  useMemo(() => {
    const remember = memo<readonly TaughtRow[]>();
    return (changes) => remember([changes], '', () => rowsOfSnapshot(snapshot, CATALOGUE, changes));
  }, [snapshot]);
