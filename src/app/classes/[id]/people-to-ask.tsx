'use client';

import { fullName, type Person } from '@/core/people';

type Props = {
  people: readonly Person[];
  chosen: string | null;
  isAsked: (personId: string) => boolean;
  /** What else is to be known of somebody; empty where nothing is. */
  noteOf?: (personId: string) => string;
  onChoose: (personId: string) => void;
  className: string;
};

/** Everybody of a class, with who has been asked how the hands are. */
export function PeopleToAsk({ people, chosen, isAsked, noteOf, onChoose, className }: Props) {
  return (
    <ul className={className}>
      {people.map((p) => (
        <li key={p.id}>
          <button
            type="button"
            aria-pressed={p.id === chosen}
            onClick={() => onChoose(p.id)}
            className={`flex min-h-11 w-full items-center gap-3 rounded-full border-2 px-4 text-left ${p.id === chosen ? 'border-ink bg-ink text-paper' : 'border-edge bg-paper hover:border-ink'}`}
          >
            <AskedBead asked={isAsked(p.id)} dark={p.id === chosen} />
            <span className="flex flex-wrap gap-x-2 leading-tight">
              <span className="whitespace-nowrap">{fullName(p)}</span>
              {noteOf?.(p.id) && <span className="text-sm font-normal">{noteOf(p.id)}</span>}
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

function AskedBead({ asked, dark }: { asked: boolean; dark: boolean }) {
  const ink = dark ? 'var(--color-paper)' : 'var(--color-ink)';
  return (
    <svg width="16" height="16" viewBox="0 0 16 16" role="img" aria-label={asked ? 'asked' : 'not asked yet'}>
      <circle cx="8" cy="8" r="6.5" fill={asked ? ink : 'none'} stroke={ink} strokeWidth="2" />
    </svg>
  );
}
