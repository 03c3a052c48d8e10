import { capital } from '../../../../words';
import { kitFor } from '../../kit';
import { PRACTICE, rule } from '../rule';

export const softEdges = rule({
  code: 'K4',
  severity: 'must',
  title: 'Nothing square-edged on skin',
  reason: 'An edge presses on thin skin and sore joints.',
  source: PRACTICE,
  find: (context) =>
    kitFor(context)
      .filter(({ prop }) => prop.edge === 'square')
      .map(({ prop, rowIds }) => ({
        text: `${capital(prop.plural)} have square edges: bring ${prop.substitute}.`,
        rowIds,
      })),
});
