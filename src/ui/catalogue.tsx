'use client';

import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { CATALOGUE } from '@/catalogue/movements';
import { withOwn, type Catalogue, type OwnMovement } from '@/core/catalogue';

const Shelf = createContext<Catalogue>(CATALOGUE);

/** The catalogue with the instructor's own movements, for everything below. */
export function CatalogueProvider({ own, children }: { own: readonly OwnMovement[]; children: ReactNode }) {
  const catalogue = useMemo(() => withOwn(CATALOGUE, own), [own]);
  return <Shelf value={catalogue}>{children}</Shelf>;
}

/** The same with those that were put away, for pages that show what they once were in. */
export function WithPutAway({ own, children }: { own: readonly OwnMovement[]; children: ReactNode }) {
  const shelf = useCatalogue();
  const catalogue = useMemo(() => withOwn(shelf, own), [shelf, own]);
  return <Shelf value={catalogue}>{children}</Shelf>;
}

export const useCatalogue = (): Catalogue => useContext(Shelf);
