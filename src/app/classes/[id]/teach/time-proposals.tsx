'use client';

import type { Proposal } from '@/core/teach';
import { capital, clockText } from '@/core/words';

type Props = { proposals: readonly Proposal[]; onTake: (proposal: Proposal) => void };

/** Behind: one way to end in time. Ahead: what still fits. Nothing is changed until it is taken. */
export function TimeProposals({ proposals, onTake }: Props) {
  const [first] = proposals;
  if (!first) return null;
  const behind = first.savedMs > 0;
  return (
    <section
      aria-label="Keeping to time"
      className="flex flex-wrap items-center gap-x-4 gap-y-2 rounded-xl border-2 border-edge bg-paper px-3 py-1.5 [@media(max-height:520px)]:hidden"
    >
      <p
        className={`max-h-16 min-w-0 flex-1 basis-52 overflow-y-auto leading-tight ${behind ? '' : 'max-md:hidden'}`}
        tabIndex={0}
      >
        {behind ? `To end in time: ${first.words}.` : 'There is time for more:'}
      </p>
      {proposals.map((proposal, i) => (
        <button
          key={proposal.words}
          type="button"
          className={`min-h-11 rounded-xl border-2 border-ink bg-paper px-3 leading-tight font-semibold hover:bg-line ${i > 0 ? 'max-lg:hidden' : ''}`}
          onClick={(e) => {
            onTake(proposal);
            e.currentTarget.blur();
          }}
        >
          {behind
            ? `Give back ${clockText(proposal.savedMs)}`
            : `${capital(proposal.words)}, ${clockText(-proposal.savedMs)}`}
          {i === 0 && <span className="ml-1.5 text-sm font-normal text-soft pointer-coarse:hidden">P</span>}
        </button>
      ))}
    </section>
  );
}
