'use client';

import { Button } from '@/ui/form/button';
import { Page } from '@/ui/page/page';
import type { LeadRole } from './use-lead';

type Props = { title: string; lead: LeadRole; onTakeOver: () => void };

const CHOICES = [
  ['remote', 'Use this as a remote', 'The keys here work the other screen: next, pause, other side, easier.'],
  [
    'follow',
    'Only follow',
    'The same row, count and names as on the other screen; marks can be made here too.',
  ],
] as const;

/** Asked when a class is opened that another screen teaches, and told when another has taken it over. */
export function OtherScreen({ title, lead, onTakeOver }: Props) {
  return (
    <Page>
      <h1 className="mt-6 text-2xl">{title} is taught on another screen</h1>
      <p className="mt-1 text-lg" role="status">
        {lead.away
          ? 'The other screen has not been heard of for more than ten seconds. If it is off, teach here.'
          : 'It goes on there. What should this screen be?'}
      </p>
      <ul className="mt-6 grid max-w-3xl gap-5">
        {CHOICES.map(([role, name, words]) => (
          <li key={role}>
            <Button
              look={role === 'remote' && !lead.away ? 'main' : 'plain'}
              className="w-full px-8 py-4 text-xl"
              onClick={() => lead.choose(role)}
            >
              {name}
            </Button>
            <p className="mt-1">{words}</p>
          </li>
        ))}
        <li>
          <Button
            look={lead.away ? 'main' : 'plain'}
            className="w-full px-8 py-4 text-xl"
            onClick={onTakeOver}
          >
            Teach here instead
          </Button>
          <p className="mt-1">
            The count comes over paused, where it is. The other screen says so and stops counting.
          </p>
        </li>
      </ul>
    </Page>
  );
}
