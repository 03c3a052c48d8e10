import { handOutLines, type OwnRung } from '@/core/progress';
import { askedThroughout, type KnownAdaptations, type Verdict } from '@/core/screening';
import { waysForAll } from '@/core/catalogue';
import type { PersonNow, RungShift, Snapshot, TaughtRow } from '@/core/teach';
import { movementOfRow, propsWords } from '@/core/plan';
import { fullName, seatingOf, type Person } from '@/core/people';
import { capital, lowerFirst, nameList, sentences } from '@/core/words';
import type { RowMovement } from '@/core/stance';
import { useCatalogue } from '@/ui/catalogue';
import { memo, useMemo } from 'react';
import { AdaptedFor } from './adapted-for';

type Props = {
  rows: readonly TaughtRow[];
  index: number;
  /** The count has begun: what changes hands has done so. */
  isCounting: boolean;
  snapshot: Snapshot;
  people: readonly PersonNow[];
  day: string;
  rungShifts: readonly RungShift[];
  ownRungs: readonly OwnRung[];
  /** By row and person. */
  verdicts: ReadonlyMap<string, ReadonlyMap<string, Verdict>>;
};

/** What to say and watch, who does it their own way, and what comes next. Names stay on this screen. */
export const SideNotes = memo(function SideNotes({
  rows,
  index,
  isCounting,
  snapshot,
  people,
  day,
  rungShifts,
  ownRungs,
  verdicts,
}: Props) {
  const catalogue = useCatalogue();
  const everyone = useMemo(() => people.map((p) => p.person), [people]);
  const throughout = useMemo(() => askedThroughout(verdicts.values(), everyone), [verdicts, everyone]);
  const asked = <AllClassLong isOpen={index === 0} people={everyone} throughout={throughout} />;
  const [row, next, after] = rows.slice(index, index + 3);
  const nextProps = (next?.handOut ?? []).map((id) => catalogue.prop(id)?.plural ?? id);
  const movement = row?.row.kind === 'movement' ? movementOfRow(row.row, catalogue) : undefined;
  const held = row?.row.kind === 'movement' ? propsWords(row.row, catalogue) : '';
  const said = row?.row.kind === 'talk' ? row.row.text : '';
  const note = row?.row.kind === 'movement' ? row.row.note : '';
  return (
    <aside className="flex min-h-0 flex-col text-lg">
      <div
        className="grid min-h-0 flex-1 content-start gap-3 overflow-y-auto pr-1"
        tabIndex={0}
        role="group"
        aria-label="For this row"
      >
        {row &&
          !isCounting &&
          handOutLines(row, everyone, verdicts.get(row.rowId), catalogue).map((line) => (
            <p key={line} className="font-bold">
              {line}.
            </p>
          ))}
        {row?.voice.reminder && (
          <div>
            <h2 className="text-base font-normal text-soft">Remind everyone</h2>
            <p className="font-bold">{row.voice.reminder}</p>
          </div>
        )}
        {note && (
          <div>
            <h2 className="text-base font-normal text-soft">Your note</h2>
            <p className="font-semibold">{note}</p>
          </div>
        )}
        {said && (
          <div>
            <h2 className="text-base font-normal text-soft">Say</h2>
            <p className="font-bold whitespace-pre-line">{said}</p>
          </div>
        )}
        {held && (
          <div>
            <h2 className="text-base font-normal text-soft">Done</h2>
            <p className="font-semibold">{held}</p>
          </div>
        )}
        {movement && (
          <div>
            <h2 className="inline text-base font-normal text-soft">Say</h2>{' '}
            <p className="inline font-bold">{sentences(movement.cues)}</p>
          </div>
        )}
        {index === 0 && asked}
        {row && (
          <AdaptedFor
            row={row}
            people={people}
            breathMs={snapshot.plan.breathMs}
            day={day}
            rungShifts={rungShifts}
            ownRungs={ownRungs}
            throughout={throughout}
          />
        )}
        {movement && (
          <div className="text-base leading-snug">
            <h2 className="inline font-normal text-soft">Watch</h2>{' '}
            <p className="inline">{sentences(movement.watch)}</p>
          </div>
        )}
        {index > 0 && asked}
        {movement && <ToEveryone movement={movement} />}
        <HelpersTask snapshot={snapshot} />
      </div>
      <p className="border-t border-edge py-1.5 text-base leading-snug">
        <span className="text-soft">Next</span> <strong>{next?.title ?? 'the wrap-up'}</strong>
        {nextProps.length > 0 && ` with ${nameList(nextProps)}`}
        {after && `, then ${lowerFirst(after.title)}`}
      </p>
    </aside>
  );
});

/** What may be told to all of them without changing anything. */
function ToEveryone({ movement }: { movement: RowMovement }) {
  const { felt, goodFor, aim, effortOf10 } = movement;
  const effort = aim ?? (effortOf10 > 2 ? effortOf10 : null);
  const lines = [
    effort === null ? '' : `effort ${effort} of 10`,
    felt && `felt: ${felt}`,
    goodFor && `good for ${goodFor}`,
  ].filter(Boolean);
  const told = waysForAll(movement);
  if (lines.length + told.length === 0) return null;
  return (
    <div>
      <h2 className="text-base font-normal text-soft">Tell everyone</h2>
      {lines.length > 0 && <p>{lines.map(capital).join('. ')}.</p>}
      {told.map(([name, words]) => (
        <p key={name}>
          <span className="text-soft">{name}:</span> {words}
        </p>
      ))}
    </div>
  );
}

/** What somebody is asked in most rows, told once. */
function AllClassLong({
  isOpen,
  people,
  throughout,
}: {
  isOpen: boolean;
  people: readonly Person[];
  throughout: ReadonlyMap<string, KnownAdaptations>;
}) {
  const asked = people.flatMap((p) => {
    // Which hand rests stands in each row.
    const way = [...(throughout.get(p.id)?.asked ?? [])].join('; ');
    return way ? [{ id: p.id, name: fullName(p), way }] : [];
  });
  if (asked.length === 0) return null;
  return (
    <details open={isOpen} className="text-base">
      <summary className="min-h-11 content-center">
        <span className="text-soft">All class long:</span>{' '}
        <strong>{nameList(asked.map((a) => a.name))}</strong>
      </summary>
      <ul aria-label="All class long">
        {asked.map(({ id, name, way }) => (
          <li key={id}>
            <strong>{name}</strong> {way}
          </li>
        ))}
      </ul>
    </details>
  );
}
/** Whom each helper sits with, the whole class long. */
function HelpersTask({ snapshot }: { snapshot: Snapshot }) {
  const seats = seatingOf(snapshot.people, snapshot.helpers);
  if (seats.length === 0) return null;
  return (
    <div className="text-base">
      <h2 className="font-normal text-soft">Helpers, open padded palm</h2>
      {seats.map((seat, i) => (
        <p key={i}>
          <strong>{seat.helper ?? 'Nobody yet'}</strong> beside {nameList(seat.people.map(fullName))}
        </p>
      ))}
    </div>
  );
}
