import { useCallback, useState } from 'react';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { ownWays, type OwnRung, type OwnWay } from '@/core/progress';
import type { KnownAdaptations, VerdictKind } from '@/core/screening';
import type { PersonNow, RungShift, TaughtRow } from '@/core/teach';
import { fullName } from '@/core/people';
import { useCatalogue } from '@/ui/catalogue';
import { HandsMark } from '@/ui/verdict-signs';

/** Who does a row in a way of their own, and how, worst first. */
export function AdaptedFor({
  row,
  people,
  breathMs,
  day,
  rungShifts,
  ownRungs,
  throughout,
}: {
  row: TaughtRow;
  people: readonly PersonNow[];
  breathMs: number;
  day: string;
  rungShifts: readonly RungShift[];
  ownRungs: readonly OwnRung[];
  throughout: ReadonlyMap<string, KnownAdaptations>;
}) {
  const catalogue = useCatalogue();
  const [all, setAll] = useState(false);
  const [list, isCut] = useIsCut();
  if (row.row.kind !== 'movement') return null;
  const context = { table: CAUTIONS, catalogue, today: day, breathMs };
  const own = worstFirst(ownWays({ row, people, rungShifts, ownRungs, throughout }, context));
  if (own.length === 0)
    return (
      <p className="text-soft">
        {[...throughout.values()].some((known) => known.asked.size > 0)
          ? 'Apart from what holds all class long, everyone does it as shown.'
          : 'Everyone does it as shown.'}
      </p>
    );
  const inFull = all || own.length <= FEW;
  const nameOf = new Map(people.map(({ person }) => [person.id, fullName(person)]));
  return (
    <div className="text-base">
      <div className="flex items-center justify-between gap-3">
        <h2 className="font-normal text-soft">Adapted for</h2>
        {own.length > FEW && (all || isCut || own.length > SHOWN) && (
          // What is watched for stands below, and needs the line.
          <button
            type="button"
            className="-my-2 min-h-11 font-bold underline underline-offset-4"
            aria-expanded={all}
            onClick={() => setAll(!all)}
          >
            {all ? 'In short' : own.length > SHOWN ? `And ${own.length - SHOWN} more, in full` : 'In full'}
          </button>
        )}
      </div>
      <ul aria-label="Adapted for" ref={list}>
        {(all ? own : own.slice(0, SHOWN)).map(({ personId, hands, words }) => (
          <li key={personId} className="flex gap-2 py-0.5">
            <span className="w-8 shrink-0">
              <HandsMark verdict={hands} />
            </span>
            <span className={inFull ? '' : 'line-clamp-1'}>
              <strong>{nameOf.get(personId)}</strong> {words}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** So many people have room below what is said; the others are one tap away. */
const SHOWN = 5;
/** So few are told in full at once. */
const FEW = 3;

/** Whether some line of a list is longer than the place it has. */
function useIsCut(): [(list: HTMLElement | null) => (() => void) | undefined, boolean] {
  const [isCut, setIsCut] = useState(false);
  const watch = useCallback((list: HTMLElement | null) => {
    if (!list) return;
    const look = () =>
      setIsCut(
        [...list.querySelectorAll('[class*=line-clamp]')].some((e) => e.scrollHeight > e.clientHeight),
      );
    const resized = new ResizeObserver(look);
    const changed = new MutationObserver(look);
    resized.observe(list);
    changed.observe(list, {
      childList: true,
      characterData: true,
      subtree: true,
      attributes: true,
      attributeFilter: ['class'],
    });
    return () => {
      resized.disconnect();
      changed.disconnect();
    };
  }, []);
  return [watch, isCut];
}

const WORST = ['leaveOut', 'swap', 'adapt', 'do'] as const satisfies readonly VerdictKind[];
/** Whoever leaves it out or does something else comes first; who has changed in this class stays at the head. */
const worstFirst = (own: readonly OwnWay[]): readonly OwnWay[] => {
  const rank = ({ hands, isNew }: OwnWay) =>
    isNew ? -1 : Math.min(WORST.indexOf(hands.L.kind), WORST.indexOf(hands.R.kind));
  return [...own].sort((a, b) => rank(a) - rank(b));
};
