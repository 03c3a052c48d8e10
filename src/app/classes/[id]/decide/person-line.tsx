import { useState } from 'react';
import { rungWords } from '@/core/progress';
import { groupBy } from '@/core/group';
import { capital, nameList } from '@/core/words';
import type { ProposalFor } from '@/server/progress/proposals';
import { Button } from '@/ui/form/button';
import { ProposalRow, type Answer } from './proposal-row';

type Props = {
  name: string;
  proposals: readonly ProposalFor[];
  onAnswer: (answers: readonly Answer[]) => void;
};

/** All that is proposed for one person in one line, to accept as it is; opened, each family by itself. */
export function PersonLine({ name, proposals, onAnswer }: Props) {
  const [open, setOpen] = useState(false);
  const reasons = [...new Set(proposals.flatMap((p) => p.decision.reasons))];
  return (
    <li className="border-b py-2">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <p className="min-w-0 flex-1 basis-80">
          <strong>
            {name}. {capital(proposedWords(proposals))}.
          </strong>{' '}
          {capital(reasons.join('; '))}.
        </p>
        <Button aria-label={`${name}: accept`} onClick={() => onAnswer(proposals.map(accepted))}>
          Accept
        </Button>
        <Button
          look="quiet"
          aria-expanded={open}
          aria-label={`${name}: each by itself`}
          onClick={() => setOpen(!open)}
        >
          {open ? 'Close' : 'Each by itself'}
        </Button>
      </div>
      {open && (
        <ul className="mt-1 border-t pl-6">
          {proposals.map((p) => (
            <ProposalRow key={p.family} proposal={p} name={name} onAnswer={onAnswer} />
          ))}
        </ul>
      )}
    </li>
  );
}

/** Taking a proposal as it is. */
export const accepted = ({ personId, family, decision }: ProposalFor): Answer => ({
  personId,
  family,
  rungs: decision.rungs,
});

/** "Grip and load: one rung up; glide: the same rung". */
function proposedWords(proposals: readonly ProposalFor[]): string {
  const alike = groupBy(proposals, ({ decision: { rungs, kind } }) => rungWords(rungs, kind));
  return [...alike].map(([words, of]) => `${nameList(of.map((p) => p.family))}: ${words}`).join('; ');
}
