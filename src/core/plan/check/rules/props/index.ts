import { cleanProps } from './clean-props';
import { enoughProps } from './enough-props';
import { fewProps } from './few-props';
import { latexWarning } from './latex';
import { softEdges } from './soft-edges';

/** K: the kit. */
export const PROPS_RULES = [enoughProps, fewProps, cleanProps, softEdges, latexWarning];
