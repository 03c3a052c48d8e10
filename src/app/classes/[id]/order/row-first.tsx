import { useState } from 'react';
import { usualRungOf, type Movement } from '@/core/catalogue';
import { heldWords, insteadOf, rungOf, type MovementRow } from '@/core/plan';
import { swapChoices } from '@/core/teach';
import { lowerFirst } from '@/core/words';
import { Button } from '@/ui/form/button';
import { CountFields } from '@/ui/form/dose/dose-fields';
import type { OrderProps } from './order-props';

type Props = Pick<OrderProps, 'editor' | 'facts'> & { row: MovementRow; movement: Movement; title: string };

/** What is changed nine times in ten: how often, easier, harder, or something else in its place. */
export function RowFirst({ row, movement, title, editor, facts }: Props) {
  const [instead, setInstead] = useState(false);
  const at = rungOf(movement, row.rung);
  const usual = usualRungOf(movement.rungs);
  const to = (rung: number, what: string) =>
    editor.edit(
      { type: 'setRung', rowId: row.id, rung: rung === usual ? null : rung },
      `${what}: ${lowerFirst(title)}`,
    );
  const words = (rung: number): string =>
    rung === usual ? 'the usual form' : lowerFirst(movement.rungs[rung]!.words);
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-3">
        <CountFields
          dose={row.dose}
          onChange={(dose) => editor.edit({ type: 'setDose', rowId: row.id, dose }, `Dose of ${title}`)}
        />
        <Button disabled={at === 0} onClick={() => to(at - 1, 'Easier')}>
          Easier{at > 0 && `: ${words(at - 1)}`}
        </Button>
        <Button disabled={at === movement.rungs.length - 1} onClick={() => to(at + 1, 'Harder')}>
          Harder{at < movement.rungs.length - 1 && `: ${words(at + 1)}`}
        </Button>
        <Button aria-expanded={instead} onClick={() => setInstead(!instead)}>
          Something else instead
        </Button>
      </div>
      {instead && <Instead row={row} title={title} editor={editor} facts={facts} />}
    </div>
  );
}

/** What could stand in the row's place, most like it first, with what it would be for these people. */
function Instead({ row, title, editor, facts }: Omit<Props, 'movement'>) {
  const choices = swapChoices(row, editor.plan, facts);
  if (choices.length === 0)
    return (
      <p className="text-soft">
        Nothing else has the same purpose with no more effort and nothing new in the hands.
      </p>
    );
  const take = (movement: Movement) => {
    const step = insteadOf(editor.plan, row.id, movement, 'instead');
    if (step) editor.edit(step, `${movement.name} instead of ${lowerFirst(title)}`);
  };
  return (
    <div role="group" aria-label={`Instead of ${lowerFirst(title)}`}>
      <p className="text-sm text-soft">The same purpose, no more effort, nothing new in the hands.</p>
      <ul className="mt-1 flex flex-wrap gap-2">
        {choices.map(({ movement, ...held }) => (
          <li key={movement.id}>
            <Button onClick={() => take(movement)}>
              {movement.name}
              <span className="font-normal"> ({heldWords(held)})</span>
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}
