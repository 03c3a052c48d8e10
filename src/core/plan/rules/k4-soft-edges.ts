import { capital } from '../../words';
import { kitFor } from '../kit';
import { finding, type SequencingRule } from '../finding';

/** K4 Nothing square-edged on skin. */
export const softEdges: SequencingRule = (context) =>
  kitFor(context)
    .filter(({ prop }) => prop.edge === 'square')
    .map(({ prop, rowIds }) =>
      finding(
        'K4',
        'must',
        `${capital(prop.plural)} have square edges: bring ${prop.substitute}.`,
        'An edge presses on thin skin and sore joints.',
        { rowIds },
      ),
    );
