import { memo, type KeyboardEvent } from 'react';
import { fullName, type Person } from '@/core/people';
import type { Verdict } from '@/core/screening';
import { HandsMark, verdictWords } from '@/ui/verdict-signs';
import { rowHeight } from '../order/order-props';
import type { Told } from './weave-head';

type Props = {
  rowId: string;
  small: boolean;
  people: readonly Person[];
  verdicts: ReadonlyMap<string, Verdict> | undefined;
  onTell: (told: Told | null) => void;
};

/** A row's people. Most edits leave the verdicts of most rows as they were, and then nothing here is drawn anew. */
export const WeaveCells = memo(function WeaveCells({ rowId, small, people, verdicts, onTell }: Props) {
  return people.map((person, i) => {
    const verdict = verdicts?.get(person.id);
    if (!verdict) return <td key={person.id} />;
    const tell = () => onTell({ rowId, personId: person.id });
    return (
      <td key={person.id} className="p-0 text-center">
        <button
          type="button"
          id={`cell-${rowId}-${person.id}`}
          tabIndex={i === 0 ? 0 : -1}
          aria-label={`${fullName(person)}: ${verdictWords(verdict)}`}
          className={`inline-flex w-9 items-center justify-center ${rowHeight(small)}`}
          onFocus={tell}
          onBlur={() => onTell(null)}
          onMouseEnter={tell}
          onClick={tell}
          onKeyDown={moveAcrossWeave}
        >
          <HandsMark verdict={verdict} />
        </button>
      </td>
    );
  });
});

/** Arrow keys walk the weave: left and right along people, up and down along rows that have one. */
function moveAcrossWeave(event: KeyboardEvent<HTMLButtonElement>) {
  const step = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] }[event.key];
  if (!step) return;
  event.preventDefault();
  const cell = event.currentTarget;
  const rows = [...cell.closest('table')!.querySelectorAll('tr[id^="row-"]')].filter((r) =>
    r.querySelector('button[id^="cell-"]'),
  );
  const cellsOf = (r: Element | undefined) => [
    ...(r?.querySelectorAll<HTMLButtonElement>('button[id^="cell-"]') ?? []),
  ];
  const at = rows.indexOf(cell.closest('tr')!);
  const column = cellsOf(rows[at]).indexOf(cell) + step[1]!;
  cellsOf(rows[at + step[0]!])[column]?.focus();
}
