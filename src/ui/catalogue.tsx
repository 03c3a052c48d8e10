'use client';

import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { CATALOGUE } from '@/catalogue/movements';
import type { Catalogue } from '@/core/catalogue/movement';
import { withOwn, type OwnMovement } from '@/core/catalogue/own';

const Shelf = createContext<Catalogue>(CATALOGUE);

/** The catalogue with the instructor's own movements, for everything below. */
export function CatalogueProvider({ own, children }: { own: readonly OwnMovement[]; children: ReactNode }) {
  const catalogue = useMemo(() => withOwn(CATALOGUE, own), [own]);
  return <Shelf value={catalogue}>{children}</Shelf>;
}

export const useCatalogue = (): Catalogue => useContext(Shelf);
