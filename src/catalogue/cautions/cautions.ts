import type { CautionTable } from '@/core/screening';
import { CONDITIONS } from '../conditions';
import { bonesAndWhole } from './bones-and-whole';
import { joints } from './joints';
import { nervesAndTendons } from './nerves-and-tendons';
import { skinAndFeeling } from './skin-and-feeling';
import { states } from './states';

/** The caution table as data: each row names exposures and says why. */
export const CAUTIONS: CautionTable = {
  conditions: CONDITIONS,
  rules: [...states, ...joints, ...nervesAndTendons, ...skinAndFeeling, ...bonesAndWhole],
};
