import { rungWords } from '@/core/progress';
import type { ProposalFor } from '@/server/progress/proposals';
import { Button } from '@/ui/form/button';
import { Table } from '@/ui/page/table';

type Props = {
  proposals: readonly ProposalFor[];
  nameOf: (id: string) => string;
  onTakeBack: (decision: Pick<ProposalFor, 'personId' | 'family'>) => void;
};

const TAKEN_WORDS = { accepted: 'accepted', changed: 'changed', left: 'left alone' } as const;

/** What was proposed and what was made of it: the record of decisions. */
export function Decided({ proposals, nameOf, onTakeBack }: Props) {
  const taken = proposals.flatMap((p) => (p.taken ? [{ ...p.taken, family: p.family }] : []));
  if (taken.length === 0) return null;
  return (
    <section aria-label="Decided" className="mt-8">
      <h2 className="text-xl">Decided</h2>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="What was decided">
        <Table
          className="mt-2 w-full max-w-5xl"
          columns={['Who', 'Proposed', 'Decided', 'Why it was proposed', '']}
        >
          {taken.map((t) => (
            <tr key={`${t.personId} ${t.family}`} className="border-b align-top">
              <th scope="row" className="py-1.5 pr-5 font-semibold">
                {nameOf(t.personId)}, {t.family}
              </th>
              <td className="py-1.5 pr-5">{rungWords(t.rungs, t.kind)}</td>
              <td className="py-1.5 pr-5">
                {TAKEN_WORDS[t.taken]}
                {t.taken === 'changed' && `: ${rungWords(t.takenRungs)}`}
              </td>
              <td className="py-1.5 pr-5">{t.reasons.join('; ')}</td>
              <td>
                {t.canTakeBack && (
                  <Button
                    look="quiet"
                    aria-label={`${nameOf(t.personId)}, ${t.family}: take it back`}
                    onClick={() => onTakeBack(t)}
                  >
                    Take back
                  </Button>
                )}
              </td>
            </tr>
          ))}
        </Table>
      </div>
    </section>
  );
}
