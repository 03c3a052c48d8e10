'use client';

import { useState } from 'react';
import type { OwnMovement } from '@/core/catalogue';
import type { RemoteCommand } from '@/core/lead';
import { OwnMovementsProvider } from '@/ui/own-movements';
import { requestJson } from '@/ui/request-json';
import { ClassScreen, type TeachScreenProps } from './teach-screen';
import { useFollowing } from './use-following';
import type { LeadRole } from './use-lead';
import type { Outbox } from './use-outbox';
import { useRowsOf } from './use-rows-of';

type Props = Omit<TeachScreenProps, 'outbox' | 'commands'> & {
  outbox: Outbox;
  lead: LeadRole;
  role: 'remote' | 'follow';
};

/** The class as another screen of the instructor's teaches it; as a remote its keys work that one. */
export function FollowScreen(props: Props) {
  return (
    <OwnMovementsProvider own={props.taught.snapshot.own ?? NONE}>
      <Following {...props} />
    </OwnMovementsProvider>
  );
}

const NONE: readonly OwnMovement[] = [];

function Following({ lead, role, ...props }: Props) {
  const { info, taught, firstReports, rate, outbox } = props;
  const rowsOf = useRowsOf(taught.snapshot);
  const teaching = useFollowing(info.id, rowsOf, taught, firstReports, rate, outbox.post);
  const [refused, setRefused] = useState('');
  const tell = async (command: RemoteCommand) => {
    const told = await requestJson('POST', `/api/classes/${info.id}/remote`, { command });
    setRefused(told.ok ? '' : told.message);
  };
  const trouble = lead.away
    ? 'The screen that teaches has not been heard of for more than ten seconds'
    : refused;
  return (
    <ClassScreen
      {...props}
      teaching={teaching}
      other={{ role, trouble, onTell: (c) => void tell(c), onChooseAgain: () => lead.choose('elsewhere') }}
    />
  );
}
