'use client';

import { CATALOGUE } from '@/catalogue/movements';
import { withOwn, type Catalogue } from '@/core/catalogue';
import { useOwnMovements } from './own-movements';

/** The catalogue with the instructor's own movements; one object for as long as they stay the same. */
export const useCatalogue = (): Catalogue => withOwn(CATALOGUE, useOwnMovements());
