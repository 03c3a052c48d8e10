'use client';

import { useEffect, type RefObject } from 'react';
import type { RemoteCommand } from '@/core/lead';
import type { TeachCommand } from '@/core/teach';
import type { TeachAction } from './teach-key-table';

/** What a remote tells this screen is done as if it were tapped here. */
export function useRemoteCommands(
  commands: RefObject<((command: RemoteCommand) => void) | null> | undefined,
  carryOut: (action: TeachAction) => void,
  act: (what: TeachCommand) => void,
): void {
  useEffect(() => {
    if (commands) commands.current = (c) => (c === 'pause' ? act(c) : carryOut(c));
  }, [commands, carryOut, act]);
}
