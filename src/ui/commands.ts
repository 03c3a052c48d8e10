'use client';

import { useEffect, useRef } from 'react';

/** Something that can be done on the page one is on, for Find anything; `words` are others it is looked for by. */
export type PageCommand = { readonly name: string; readonly words: string; readonly run: () => void };

type Offered = () => readonly PageCommand[];
const offers = new Set<Offered>();

/** What can be done here and now. */
export const commandsHere = (): readonly PageCommand[] => [...offers].flatMap((offered) => offered());

/** Offer commands for as long as what they are about is on the page; they are asked for when Find anything is open. */
export function useCommands(commands: readonly PageCommand[]): void {
  const now = useRef(commands);
  useEffect(() => {
    now.current = commands;
  });
  useEffect(() => {
    const offered: Offered = () => now.current;
    offers.add(offered);
    return () => {
      offers.delete(offered);
    };
  }, []);
}
