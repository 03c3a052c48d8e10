import { useMemo } from 'react';
import {
  coverageGaps,
  fillersFor,
  leftOutIn,
  newMovementRow,
  planMoves,
  rowStep,
  usualMoves,
  type Filler,
  type Plan,
  type RuleContext,
} from '@/core/plan';
import { plural } from '@/core/words';
import { Button } from '@/ui/form/button';
import type { PlanEditor } from '../use-plan';

type Props = { editor: PlanEditor; context: RuleContext; recent: readonly Plan[] };

const SUGGESTED = 4;

/** Joints left still, or moved much less than in the four weeks before, and gentle movements that would fill them. */
export function Gaps({ editor, context, recent }: Props) {
  const { plan, catalogue } = context;
  const gaps = useMemo(
    () => coverageGaps(planMoves(plan, catalogue), usualMoves(recent, catalogue)),
    [plan, catalogue, recent],
  );
  const fillers = useMemo(
    () =>
      fillersFor(
        catalogue,
        plan,
        gaps.map((g) => g.spotId),
      ).slice(0, SUGGESTED),
    [catalogue, plan, gaps],
  );
  const since =
    recent.length === 0
      ? 'No class of the last four weeks to set it against.'
      : `Set against ${plural(recent.length, 'class', 'classes')} of the last four weeks.`;
  if (gaps.length === 0)
    return <p className="mt-3">Every joint moves on both hands, about as much as it has lately. {since}</p>;
  const of = (kind: 'still' | 'less than usual') => gaps.filter((g) => g.kind === kind).map((g) => g.name);
  return (
    <div className="mt-3">
      <h2 className="text-lg">What is missing</h2>
      <p>
        {of('still').length > 0 && `Left still: ${of('still').join(', ')}. `}
        {of('less than usual').length > 0 &&
          `Moved much less than lately: ${of('less than usual').join(', ')}. `}
        {since}
      </p>
      <ul className="mt-1 max-w-4xl">
        {fillers.map((filler) => (
          <Suggestion key={filler.movement.id} filler={filler} gaps={gaps.length} {...{ editor, context }} />
        ))}
      </ul>
    </div>
  );
}

type SuggestionProps = Omit<Props, 'recent'> & { filler: Filler; gaps: number };

function Suggestion({ filler: { movement, fills }, gaps, editor, context }: SuggestionProps) {
  const section =
    editor.plan.sections.find((s) => s.kind === movement.section) ??
    editor.plan.sections.find((s) => s.kind === 'move');
  const people = context.people.length;
  const out = leftOutIn(context.judge(movement, movement)).size;
  if (!section) return null;
  return (
    <li className="flex flex-wrap items-center gap-4 border-t border-line">
      <span className="flex-1">
        <strong>{movement.name}</strong> moves {fills.length} of {plural(gaps, 'place')}
        {people > 0 && `, ${people - out} of ${people} have something to do`}
      </span>
      <Button
        look="quiet"
        onClick={() =>
          editor.edit(
            rowStep(section.id, newMovementRow(editor.plan, movement, 'moves'), section.rows.length),
            `Add ${movement.name}`,
          )
        }
      >
        Add to {section.name.toLowerCase()}
      </Button>
    </li>
  );
}
