'use client';

import { useState } from 'react';
import { easierOf, strongerOf } from '@/core/catalogue';
import {
  duplicateRows,
  movementOfRow,
  neighbourPlace,
  type Row,
  type RowTiming,
  type Section,
} from '@/core/plan';
import { clockText, sentences } from '@/core/words';
import { Button } from '@/ui/form/button';
import { MovementPicture } from '@/ui/hand/movement-picture';
import type { OrderProps } from './order-props';
import { RowFirst } from './row-first';
import { RowLength } from './row-length';
import { RowLoads } from './row-loads';
import { RowMore } from './row-more';
import { RowOwnWays } from './row-own-ways';

type Props = OrderProps & { row: Row; title: string; section: Section; timing: RowTiming };

/** Whoever opened the rest of a row finds it open in the next one, until the page is left. */
let wasMore = false;
function useMore(): [boolean, (more: boolean) => void] {
  const [more, setMore] = useState(wasMore);
  return [
    more,
    (next) => {
      wasMore = next;
      setMore(next);
    },
  ];
}

/** Everything about one row, in place below it. Each change is one step that can be undone. */
export function RowEditor(props: Props) {
  const { row, title, editor, timing, onOpenRow } = props;
  const move = (by: -1 | 1) => {
    const target = neighbourPlace(editor.plan, row.id, by);
    if (target) editor.edit({ type: 'moveRow', rowId: row.id, ...target }, `Move ${title}`);
  };
  const duplicate = () => {
    const step = duplicateRows(editor.plan, [row.id]);
    if (step) editor.edit(step, `Duplicate ${title}`);
  };
  const remove = () => {
    onOpenRow(null);
    editor.edit({ type: 'removeRow', rowId: row.id }, `Take out ${title}`);
  };
  return (
    <div className="grid gap-4 px-2 py-3 sm:pr-4 sm:pl-16">
      <div className="flex flex-wrap items-center gap-3">
        <Button onClick={() => move(-1)}>Move up</Button>
        <Button onClick={() => move(1)}>Move down</Button>
        <Button onClick={duplicate}>Duplicate</Button>
        <Button onClick={remove}>Take out</Button>
        <p className="tabular text-sm text-soft">
          {[
            timing.propsMs > 0 && `props ${clockText(timing.propsMs)}`,
            timing.placeMs > 0 && `change of place ${clockText(timing.placeMs)}`,
            timing.wayInMs > 0 && `way in ${clockText(timing.wayInMs)}`,
            `count ${clockText(timing.countMs)}`,
            timing.resetMs > 0 && `shake out ${clockText(timing.resetMs)}`,
          ]
            .filter(Boolean)
            .join(', ')}
        </p>
      </div>
      {row.kind === 'movement' ? (
        <MovementEditor {...props} row={row} />
      ) : (
        <RowLength row={row} title={title} editor={editor} />
      )}
    </div>
  );
}

function MovementEditor({
  row,
  title,
  editor,
  facts,
  check,
}: Props & { row: Extract<Row, { kind: 'movement' }> }) {
  const [more, setMore] = useMore();
  const movement = movementOfRow(row, facts.catalogue);
  const usual = facts.catalogue.movement(row.movementId);
  const figure = facts.catalogue.figure(row.movementId);
  return (
    <>
      {movement && <RowFirst row={row} movement={movement} title={title} editor={editor} facts={facts} />}
      <div>
        <Button aria-expanded={more} onClick={() => setMore(!more)}>
          {more ? 'Less' : 'More: sides, passes, sets, way in, props, words, note'}
        </Button>
      </div>
      {more && (
        <RowMore row={row} movement={movement} usual={usual} title={title} editor={editor} facts={facts} />
      )}
      {movement && (
        <div className="flex flex-wrap items-start gap-6">
          {figure && <MovementPicture figure={figure} height={190} />}
          <dl className="grid max-w-4xl flex-1 basis-96 grid-cols-[auto_1fr] gap-x-4 gap-y-1">
            <dt className="font-semibold">What</dt>
            <dd>{movement.what}</dd>
            <dt className="font-semibold">Say</dt>
            <dd>{sentences(movement.cues)}</dd>
            <dt className="font-semibold">Watch</dt>
            <dd>{sentences(movement.watch)}</dd>
            {movement.felt && (
              <>
                <dt className="font-semibold">Felt</dt>
                <dd>{movement.felt}</dd>
              </>
            )}
            {movement.goodFor && (
              <>
                <dt className="font-semibold">Good for</dt>
                <dd>{movement.goodFor}</dd>
              </>
            )}
            <dt className="font-semibold">Easier</dt>
            <dd>{easierOf(movement)}</dd>
            <dt className="font-semibold">Stronger</dt>
            <dd>{strongerOf(movement)}</dd>
            {movement.propId && (
              <>
                <dt className="font-semibold">No prop</dt>
                <dd>{movement.noProp}</dd>
              </>
            )}
          </dl>
        </div>
      )}
      {movement?.loadSetUp && (
        <RowLoads
          movement={movement}
          people={facts.people}
          verdicts={check.verdicts.get(row.id)}
          onUsual={() =>
            editor.edit({ type: 'setPress', rowId: row.id, press: null }, `Usual set-up of ${title}`)
          }
        />
      )}
      <RowOwnWays people={facts.people} verdicts={check.verdicts.get(row.id)} />
    </>
  );
}
