'use client';

import { useSyncExternalStore } from 'react';

const never = () => () => {};

/** Whether the browser may keep the screen awake and the class in it: it does neither for a page that came without HTTPS from another machine. */
export const useSecurePage = (): boolean =>
  useSyncExternalStore(
    never,
    () => window.isSecureContext,
    () => true,
  );
