import { fullName } from '../../people/person';
import { nameList } from '../../words';
import { kitFor } from '../kit';
import { finding, type SequencingRule } from '../finding';

/** K3 Latex is warned of when anyone present must not touch it. */
export const latexWarning: SequencingRule = (context) => {
  const allergic = context.people.filter((p) => p.conditions.some((c) => c.conditionId === 'latex'));
  const latex = kitFor(context).filter((k) => k.prop.latex);
  if (allergic.length === 0 || latex.length === 0) return [];
  return [
    finding(
      'K3',
      'must',
      `${nameList(allergic.map(fullName))} must not touch latex: keep ${latex.map((k) => k.prop.plural).join(', ')} away, bring ${latex.map((k) => k.prop.substitute).join(', ')}.`,
      'Latex props are swapped for fabric or silicone and never shared with this person.',
      { rowIds: latex.flatMap((k) => k.rowIds), personIds: allergic.map((p) => p.id) },
    ),
  ];
};
