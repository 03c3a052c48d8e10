'use client';

import { createContext, useContext, useMemo, type ReactNode } from 'react';
import type { OwnMovement } from '@/core/catalogue';

type Props = { own: readonly OwnMovement[]; children: ReactNode };

const OwnMovements = createContext<readonly OwnMovement[]>([]);

/** One's own movements for everything below; apart from the catalogue, which a page without movements never loads. */
export function OwnMovementsProvider({ own, children }: Props) {
  return <OwnMovements value={own}>{children}</OwnMovements>;
}

/** The same with those that were put away, for pages that show what they once were in. */
export function WithPutAway({ own, children }: Props) {
  const current = useOwnMovements();
  const all = useMemo(() => [...current, ...own], [current, own]);
  return <OwnMovements value={all}>{children}</OwnMovements>;
}

export const useOwnMovements = (): readonly OwnMovement[] => useContext(OwnMovements);
