import { useState } from 'react';
import { rungWords } from '@/core/progress';
import { capital, lowerFirst, nameList } from '@/core/words';
import type { ProposalFor } from '@/server/progress/proposals';
import { Button } from '@/ui/form/button';
import { inputClass } from '@/ui/form/field';

export type Answer = { personId: string; family: ProposalFor['family']; rungs?: number | null };

type Props = {
  proposal: ProposalFor;
  name: string;
  onAnswer: (answers: readonly Answer[]) => void;
};

const CHOICES = ['1', '0', '-1', '-2', 'gentlest'] as const;
const rungsOf = (choice: string): number | null => (choice === 'gentlest' ? null : Number(choice));
const choiceOf = (rungs: number | null): string => (rungs === null ? 'gentlest' : String(rungs));

/** One person in one family: what is proposed and why, to accept as it is, change, or leave. */
export function ProposalRow({ proposal, name, onAnswer }: Props) {
  const { personId, family, decision, only } = proposal;
  const inWhat = only.length > 0 ? ` in ${nameList(only.map(lowerFirst), 4)}` : '';
  const [choice, setChoice] = useState(choiceOf(decision.rungs));
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b py-2">
      <p className="min-w-0 flex-1 basis-80">
        <strong>
          {name}, {family}: {rungWords(decision.rungs, decision.kind)}
          {inWhat}.
        </strong>{' '}
        {capital(decision.reasons.join('; '))}.
      </p>
      <div className="w-36 sm:w-48">
        <select
          aria-label={`${name}, ${family}: rung`}
          className={inputClass}
          value={choice}
          onChange={(e) => setChoice(e.target.value)}
        >
          {CHOICES.map((c) => (
            <option key={c} value={c}>
              {capital(rungWords(rungsOf(c)))}
            </option>
          ))}
        </select>
      </div>
      <Button
        aria-label={`${name}, ${family}: take it`}
        onClick={() => onAnswer([{ personId, family, rungs: rungsOf(choice) }])}
      >
        {choice === choiceOf(decision.rungs) ? 'Accept' : 'Change'}
      </Button>
      <Button
        look="quiet"
        aria-label={`${name}, ${family}: leave it`}
        onClick={() => onAnswer([{ personId, family }])}
      >
        Leave
      </Button>
    </li>
  );
}
