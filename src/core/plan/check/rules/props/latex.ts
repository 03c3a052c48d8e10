import { fullName } from '../../../../people';
import { nameList } from '../../../../words';
import { kitFor } from '../../kit';
import { PRACTICE, rule } from '../rule';

export const latexWarning = rule({
  code: 'K5',
  severity: 'must',
  title: 'No latex for whoever must not touch it',
  reason: 'Latex props are swapped for fabric or silicone and never shared with this person.',
  source: PRACTICE,
  find: (context) => {
    const allergic = context.people.filter((p) => p.conditions.some((c) => c.conditionId === 'latex'));
    const latex = kitFor(context).filter((k) => k.prop.latex);
    if (allergic.length === 0 || latex.length === 0) return [];
    return [
      {
        text: `${nameList(allergic.map(fullName))} must not touch latex: keep ${latex.map((k) => k.prop.plural).join(', ')} away, bring ${latex.map((k) => k.prop.substitute).join(', ')}.`,
        rowIds: latex.flatMap((k) => k.rowIds),
        personIds: allergic.map((p) => p.id),
      },
    ];
  },
});
