import type { Movement } from '@/core/catalogue';
import type { MovementRow } from '@/core/plan';
import { DoseFields } from '@/ui/form/dose/dose-fields';
import { TextCommit } from '@/ui/form/dose/text-commit';
import type { OrderProps } from './order-props';
import { RowMusic } from './row-music';
import { RowOwnSets } from './row-own-sets';
import { RowProps } from './row-props';
import { RowRung } from './row-rung';
import { RowSays } from './row-says';
import { RowSchool } from './row-school';
import { RowSeries } from './row-series';
import { RowWayIn } from './row-way-in';

type Props = Pick<OrderProps, 'editor' | 'facts'> & {
  row: MovementRow;
  /** As the row has it, and as the catalogue has it. */
  movement: Movement | undefined;
  usual: Movement | undefined;
  title: string;
};

/** What is seldom changed about a row. */
export const RowMore = ({ row, movement, usual, title, editor, facts }: Props) => (
  <>
    <DoseFields
      key={row.id}
      dose={row.dose}
      movement={movement}
      onChange={(dose) => editor.edit({ type: 'setDose', rowId: row.id, dose }, `Dose of ${title}`)}
      withoutCount={movement !== undefined}
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
  </>
);
