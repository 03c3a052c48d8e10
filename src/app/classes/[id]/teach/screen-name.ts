import { newId } from '@/ui/new-id';

const KEY = 'oskil-screen';

/** This page's own name among the screens of a class; a reload keeps it. */
export function screenName(): string {
  const known = sessionStorage.getItem(KEY);
  if (known) return known;
  const made = newId();
  sessionStorage.setItem(KEY, made);
  return made;
}
