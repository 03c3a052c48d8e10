import NextLink from 'next/link';
import type { ComponentProps } from 'react';

/**
 * A link to another page of ours. Nothing is fetched before it is followed: pages are told afresh each time, so that what came early
 * would be asked for again, and a list of people would ask for each of them.
 */
export const Link = (props: Omit<ComponentProps<typeof NextLink>, 'prefetch'>) => (
  <NextLink {...props} prefetch={false} />
);
