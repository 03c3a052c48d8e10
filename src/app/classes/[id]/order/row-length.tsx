import type { Row } from '@/core/plan';
import { CheckBox } from '@/ui/form/check-box';
import { NumberField } from '@/ui/form/dose/number-field';
import { TextCommit } from '@/ui/form/dose/text-commit';
import type { OrderProps } from './order-props';

type Props = Pick<OrderProps, 'editor'> & { row: Exclude<Row, { kind: 'movement' }>; title: string };

/** Fewest and most seconds, and the step between. */
const LENGTH_S = {
  talk: [5, 1200, 5],
  hand: [10, 900, 5],
  water: [10, 900, 5],
  shake: [2, 15, 1],
} as const;

/** How long talk or a break takes, and what is said in it. */
export function RowLength({ row, title, editor }: Props) {
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
