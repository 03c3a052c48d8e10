import { newId } from '@/ui/new-id';

const KEY = 'oskil-screen';

/** The name of this browser among the screens of a class: a page that is opened again goes on, and sends what waits. */
export function screenName(): string {
  const known = localStorage.getItem(KEY);
  if (known) return known;
  const made = newId();
  localStorage.setItem(KEY, made);
  return made;
}
