import { Fragment } from 'react';
import type {
  Beside,
  SheetBlock,
  SheetColumn,
  Piece,
  PrintedPages,
  Run,
  Sheet,
  SheetRow,
  SheetTable,
  TextSize,
} from '@/core/paper';
import { CordView } from '../cord/cord';
import { MovementPicture } from '../hand/movement-picture';
import { PrintedPagesView } from './printed-pages';

const LARGER: Readonly<Record<Sheet['print'], string>> = { small: '', normal: '', large: 'text-[1.3rem]' };

type Props = { sheet: Sheet; printed: PrintedPages; label: string };

/** A sheet of paper as a page shows it; what is printed are its pages as laid out, the same as in its PDF. */
export function SheetView({ sheet, printed, label }: Props) {
  return (
    <>
      <OnScreen sheet={sheet} label={label} />
      <PrintedPagesView of={printed} />
    </>
  );
}

function OnScreen({ sheet, label }: Omit<Props, 'printed'>) {
  return (
    <article
      aria-label={label}
      className={`rounded-2xl border-2 border-ink bg-paper p-6 print:hidden ${LARGER[sheet.print]}`}
    >
      <header className="mb-3">
        <h2 className="text-xl">{sheet.title}</h2>
        <p className="text-lg">{sheet.line}</p>
      </header>
      {sheet.blocks.map((block, i) => (
        <BlockView key={i} block={block} />
      ))}
    </article>
  );
}

function BlockView({ block }: { block: SheetBlock }) {
  switch (block.kind) {
    case 'heading':
      return <h3 className="mt-4 mb-1 break-after-avoid text-xl">{block.text}</h3>;
    case 'list':
      return (
        <ul className="list-disc pl-7">
          {block.items.map((item) => (
            <li key={item}>{item}</li>
          ))}
        </ul>
      );
    case 'table':
      return <TableView table={block} />;
    case 'figures':
      return (
        <ol className={`grid gap-x-8 ${block.abreast === 2 ? 'sm:grid-cols-2 print:grid-cols-2' : ''}`}>
          {block.items.map((item, i) => (
            <li key={i} className="border-b py-3 print:py-2">
              <BesideView beside={item} height={block.abreast === 2 ? 96 : 104} />
            </li>
          ))}
        </ol>
      );
    default:
      return (
        <div className="mb-1">
          <PieceView piece={block} />
        </div>
      );
  }
}

function BesideView({ beside, height }: { beside: Beside; height: number }) {
  return (
    <div className="flex break-inside-avoid items-center gap-5">
      <span className="w-32 shrink-0">
        {beside.figure && <MovementPicture figure={beside.figure} height={height} />}
      </span>
      <div className="min-w-0 flex-1">
        {beside.pieces.map((piece, i) => (
          <PieceView key={i} piece={piece} cordWidth={420} />
        ))}
      </div>
    </div>
  );
}

const TEXT_SIZES: Readonly<Record<TextSize, string>> = {
  small: 'text-[0.9em]',
  large: 'text-[1.15em]',
  huge: 'text-[1.35em] leading-tight',
};

function PieceView({ piece, cordWidth = 240 }: { piece: Piece; cordWidth?: number }) {
  switch (piece.kind) {
    case 'text':
      return (
        <p className={piece.size && TEXT_SIZES[piece.size]}>
          {piece.runs.map((run, i) => (
            <RunView key={i} run={run} />
          ))}
        </p>
      );
    case 'cord':
      return (
        <CordView
          dose={piece.dose}
          purpose={piece.purpose}
          of={piece.of}
          context={{ breathMs: piece.breathMs, slowFirst: false }}
          width={cordWidth}
          once
          className="my-0.5"
        />
      );
    case 'tick':
      return <Round size={22} label={`Round to tick: ${piece.what}`} />;
    case 'picture':
      return <MovementPicture figure={piece.figure} height={64} most={96} />;
    case 'days':
      return (
        <ul className="mt-1 flex flex-wrap gap-x-4 gap-y-1 text-[0.9em]">
          {piece.days.map(({ label, times }) => (
            <li key={label} className="grid justify-items-center">
              <span>{label}</span>
              {times === 0 ? (
                <span>rest</span>
              ) : (
                <span className="flex gap-1">
                  {Array.from({ length: times }, (_, i) => (
                    <Round key={i} size={18} />
                  ))}
                </span>
              )}
            </li>
          ))}
        </ul>
      );
  }
}

function RunView({ run: { text, tone } }: { run: Run }) {
  if (tone === 'bold') return <strong>{text}</strong>;
  if (tone === 'soft') return <span className="text-soft">{text}</span>;
  return <Fragment>{text}</Fragment>;
}

/** An empty round to tick by hand. */
function Round({ size, label }: { size: number; label?: string }) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 22 22"
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
    >
      <circle cx="11" cy="11" r="9" fill="var(--color-paper)" stroke="var(--color-ink)" strokeWidth="2" />
    </svg>
  );
}

function TableView({ table }: { table: SheetTable }) {
  const { name, columns, groups, toWriteOn } = table;
  const shares = columns.reduce((n, c) => n + c.share, 0);
  return (
    <table aria-label={name} className="mt-2 mb-2 w-full table-fixed border-collapse text-left align-top">
      <colgroup>
        {columns.map((c, i) => (
          <col key={i} style={{ width: `${(c.share / shares) * 100}%` }} />
        ))}
      </colgroup>
      {columns.some((c) => c.head !== null) && (
        <thead>
          <tr className="border-b-2 border-ink align-bottom text-[0.9em]">
            {columns.map((c, i) => (
              <th
                key={i}
                scope="col"
                className={`py-1 pr-3 ${c.end ? 'text-right' : ''} ${c.ruled ? 'pl-2' : ''}`}
              >
                {c.head}
              </th>
            ))}
          </tr>
        </thead>
      )}
      {groups.map((group, i) => (
        <tbody key={i}>
          {group.name !== null && (
            <tr className="break-after-avoid">
              <th
                scope="rowgroup"
                colSpan={columns.length}
                className="border-b-2 border-ink pt-3 text-[1.15em]"
              >
                {group.name}
              </th>
            </tr>
          )}
          {group.rows.map((row, j) => (
            <RowView key={j} row={row} table={table} high={toWriteOn === true} />
          ))}
        </tbody>
      ))}
    </table>
  );
}

function RowView({ row, table, high }: { row: SheetRow; table: SheetTable; high: boolean }) {
  return (
    <tr className={`break-inside-avoid border-b ${high ? 'h-11 print:h-9' : 'align-top'}`}>
      {row.map((pieces, i) => {
        const names = i === table.nameColumn && pieces.length > 0;
        const Cell = names ? 'th' : 'td';
        return (
          <Cell
            key={i}
            {...(names && { scope: 'row' as const })}
            className={`py-1 pr-3 font-normal print:py-0.5 ${cellLook(table.columns[i]!)}`}
          >
            {pieces.map((piece, j) => (
              <PieceView key={j} piece={piece} />
            ))}
          </Cell>
        );
      })}
    </tr>
  );
}

const cellLook = ({ end, ruled }: SheetColumn): string =>
  `${end ? 'tabular text-right' : ''} ${ruled ? 'border-l border-line' : ''}`;
