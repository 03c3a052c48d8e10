import { canBeJoined, type Catalogue } from '@/core/catalogue';
import type { MovementRow } from '@/core/plan';
import type { RowMovement } from '@/core/stance';
import { CheckBox } from '@/ui/form/check-box';
import { Meant } from '@/ui/page/word';
import { SelectField } from '@/ui/form/select-field';
import { TextCommit } from '@/ui/form/dose/text-commit';
import type { OrderEditor } from '../use-plan';

type Props = {
  row: MovementRow;
  movement: RowMovement;
  catalogue: Catalogue;
  title: string;
  editor: OrderEditor;
};

/** What the instructor says of a row in words of their own, and what is chosen for all who do it. */
export function RowSays({ row, movement, catalogue, title, editor }: Props) {
  const usual = catalogue.movement(row.movementId);
  const setWord = (key: 'name' | 'felt' | 'goodFor', text: string) => {
    const { [key]: _, ...others } = row.words ?? {};
    const words = text === '' ? others : { ...others, [key]: text };
    const isEmpty = Object.keys(words).length === 0;
    editor.edit({ type: 'setWords', rowId: row.id, words: isEmpty ? null : words }, `Words of ${title}`);
  };
  return (
    <details className="rounded border border-edge px-3 py-2" open={saysMore(row)}>
      <summary className="min-h-9 cursor-pointer content-center font-semibold">
        Own name, effort, joined with, may be left out
      </summary>
      <div className="flex flex-wrap items-start gap-x-6 gap-y-3 pt-2">
        <TextCommit
          label="Its name in this class"
          hint={usual ? `Otherwise: ${usual.name}` : ''}
          most={60}
          value={row.words?.name ?? ''}
          onChange={(text) => setWord('name', text)}
        />
        <TextCommit
          label="Where it is felt"
          hint={usual?.felt ? `Otherwise: ${usual.felt}` : ''}
          most={120}
          value={row.words?.felt ?? ''}
          onChange={(text) => setWord('felt', text)}
        />
        <TextCommit
          label="What it is for in daily life"
          hint={usual?.goodFor ? `Otherwise: ${usual.goodFor}` : ''}
          most={120}
          value={row.words?.goodFor ?? ''}
          onChange={(text) => setWord('goodFor', text)}
        />
        <SelectField
          label="Effort to aim for"
          value={row.effortOf10 === undefined ? '' : String(row.effortOf10)}
          choices={[
            ['', `As usual, ${usual?.effortOf10 ?? movement.effortOf10} of 10`],
            ...TEN.map((n) => [String(n), `${n} of 10`] as const),
          ]}
          onChange={(n) =>
            editor.edit(
              { type: 'setEffort', rowId: row.id, effortOf10: n === '' ? null : Number(n) },
              `Effort of ${title}`,
            )
          }
        />
        <SelectField
          label="Together with"
          className="w-72 max-w-full"
          value={row.joinedId ?? ''}
          choices={[
            ['', 'Nothing else'],
            ...catalogue.movements
              .filter((m) => canBeJoined(m) && m.id !== row.movementId)
              .map((m) => [m.id, m.name] as const),
          ]}
          onChange={(id) =>
            editor.edit(
              { type: 'setJoined', rowId: row.id, joinedId: id === '' ? null : id },
              `Join ${title} with another`,
            )
          }
        />
        <CheckBox
          className="self-end"
          label="May be left out when time is short"
          on={row.optional === true}
          onChange={(on) =>
            editor.edit(
              { type: 'setOptional', rowId: row.id, optional: on || null },
              on ? `${title} may be left out` : `${title} is to stay`,
            )
          }
        />
        <Meant of={['effort']} />
      </div>
    </details>
  );
}

const TEN = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10] as const;

const saysMore = ({ words, effortOf10, joinedId, optional }: MovementRow): boolean =>
  Boolean(words ?? joinedId ?? optional) || effortOf10 !== undefined;
