'use client';

import { createContext, useContext, type ReactNode } from 'react';
import { measureText, type MeasureKind } from '@/core/people';
import { METRIC, type Units } from '@/core/units';

const UnitsContext = createContext<Units>(METRIC);

/** In what weights and lengths are shown on every page and typed into every field. */
export const UnitsProvider = ({ units, children }: { units: Units; children: ReactNode }) => (
  <UnitsContext.Provider value={units}>{children}</UnitsContext.Provider>
);

export const useUnits = (): Units => useContext(UnitsContext);

/** A measured value with its unit. */
export function Measured({ kind, value }: { kind: MeasureKind; value: number }) {
  return measureText(kind, value, useUnits());
}
