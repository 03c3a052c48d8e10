'use client';

import { MovementPicture } from '@/ui/hand/movement-picture';

import { easierOf, strongerOf } from '@/core/catalogue';
import { fullName } from '@/core/people';
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
import { CheckBox } from '@/ui/form/check-box';
import { HandsMark } from '@/ui/verdict-signs';
import { DoseFields } from '@/ui/form/dose/dose-fields';
import { NumberField } from '@/ui/form/dose/number-field';
import type { OrderProps } from './order-props';
import { TextCommit } from '@/ui/form/dose/text-commit';
import { RowLoads } from './row-loads';
import { RowProps } from './row-props';
import { RowWayIn } from './row-way-in';
import { RowMusic } from './row-music';
import { RowSeries } from './row-series';
import { RowRung } from './row-rung';
import { RowSchool } from './row-school';
import { RowOwnSets } from './row-own-sets';
import { RowSays } from './row-says';
import { sentence } from '../weave/weave-head';

type Props = OrderProps & { row: Row; title: string; section: Section; timing: RowTiming };

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
    <div className="grid gap-4 py-3 pr-4 pl-16">
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
        <LengthEditor {...props} row={row} />
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
  const movement = movementOfRow(row, facts.catalogue);
  const usual = facts.catalogue.movement(row.movementId);
  const figure = facts.catalogue.figure(row.movementId);
  const adapted = facts.people.flatMap((person) => {
    const verdict = check.verdicts.get(row.id)?.get(person.id);
    return verdict && verdict.worst !== 'do' ? [{ person, verdict }] : [];
  });
  return (
    <>
      <DoseFields
        key={row.id}
        dose={row.dose}
        movement={movement}
        onChange={(dose) => editor.edit({ type: 'setDose', rowId: row.id, dose }, `Dose of ${title}`)}
      />
      <div className="flex flex-wrap items-start gap-x-8 gap-y-3">
        {movement && <RowSchool row={row} movement={movement} title={title} editor={editor} />}
        {movement && <RowRung row={row} movement={movement} title={title} editor={editor} />}
        <RowWayIn row={row} title={title} editor={editor} />
        {usual && (
          <RowProps row={row} movement={usual} catalogue={facts.catalogue} title={title} editor={editor} />
        )}
        <RowMusic row={row} title={title} editor={editor} />
        <RowSeries row={row} plan={editor.plan} title={title} editor={editor} />
        <RowOwnSets row={row} people={facts.people} title={title} editor={editor} />
      </div>
      {movement && (
        <RowSays
          key={`says ${row.id}`}
          row={row}
          movement={movement}
          catalogue={facts.catalogue}
          title={title}
          editor={editor}
        />
      )}
      <TextCommit
        label="Note to yourself"
        most={300}
        value={row.note}
        onChange={(note) => editor.edit({ type: 'setNote', rowId: row.id, note }, `Note on ${title}`)}
      />
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
      {adapted.length > 0 && (
        <div>
          <h2 className="text-lg">Their own way</h2>
          <ul className="grid gap-1">
            {adapted.map(({ person, verdict }) => (
              <li key={person.id} className="flex gap-2">
                <span className="w-8 shrink-0">
                  <HandsMark verdict={verdict} />
                </span>
                <span>
                  <strong>{fullName(person)}.</strong>{' '}
                  {sentence(verdict.L) === sentence(verdict.R)
                    ? sentence(verdict.L)
                    : [
                        verdict.L.kind !== 'do' && `Left: ${sentence(verdict.L)}`,
                        verdict.R.kind !== 'do' && `Right: ${sentence(verdict.R)}`,
                      ]
                        .filter(Boolean)
                        .join(' ')}
                </span>
              </li>
            ))}
          </ul>
        </div>
      )}
    </>
  );
}

/** Fewest and most seconds, and the step between. */
const LENGTH_S = {
  talk: [5, 1200, 5],
  hand: [10, 900, 5],
  water: [10, 900, 5],
  shake: [2, 15, 1],
} as const;

function LengthEditor({ row, title, editor }: Props & { row: Exclude<Row, { kind: 'movement' }> }) {
  const [least, most, step] = LENGTH_S[row.kind === 'talk' ? 'talk' : row.what];
  return (
    <div className="flex flex-wrap items-start gap-5">
      {row.kind === 'talk' && (
        <TextCommit
          label="Title"
          most={80}
          needed="Give the talk a title"
          value={row.title}
          onChange={(t) => editor.edit({ type: 'setTitle', rowId: row.id, title: t }, `Title of ${title}`)}
        />
      )}
      {row.kind === 'talk' && (
        <TextCommit
          label="What is said, asked or read"
          hint="It stands on your screen and on the cue sheet"
          most={2000}
          lines={4}
          value={row.text ?? ''}
          onChange={(text) => editor.edit({ type: 'setText', rowId: row.id, text }, `Words of ${title}`)}
        />
      )}
      {row.kind === 'talk' && (
        <CheckBox
          className="self-end"
          label="A question to the group"
          on={row.question === true}
          onChange={(on) =>
            editor.edit(
              { type: 'setQuestion', rowId: row.id, question: on || null },
              on ? `${title} is a question` : `${title} is talk`,
            )
          }
        />
      )}
      <NumberField
        label="Seconds"
        value={row.durationMs / 1000}
        min={least}
        max={most}
        step={step}
        onChange={(s) =>
          editor.edit(
            { type: 'setDuration', rowId: row.id, durationMs: Math.round(s * 1000) },
            `Length of ${title}`,
          )
        }
      />
    </div>
  );
}
