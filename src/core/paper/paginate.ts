import { moved, type Stroke } from './marks';
import type { Strip } from './strips';

/**
 * Strips put on pages of a height, in order. What stays with the next goes over with it; a strip that is higher than a whole
 * page is split where it can be. Marks are measured from the top left of the page's own room.
 */
export function paginate(strips: readonly Strip[], height: number): readonly (readonly Stroke[])[] {
  const pages: Stroke[][] = [[]];
  let y = 0;
  const turn = () => {
    pages.push([]);
    y = 0;
  };
  const put = (strip: Strip) => {
    pages.at(-1)!.push(...strip.marks.map((m) => moved(m, 0, y)));
    y += strip.height;
  };
  const queue = [...strips];
  while (queue.length > 0) {
    const strip = queue.shift()!;
    if (y > 0 && y + roomFor(strip, queue) > height) turn();
    const parts = strip.height > height - y ? strip.split?.(height - y) : null;
    if (parts) {
      put(parts[0]);
      turn();
      queue.unshift(parts[1]);
    } else if (!(y === 0 && strip.marks.length === 0)) put(strip);
  }
  return pages.filter((p, i) => p.length > 0 || i === 0);
}

/** Its own height, and that of what it has to stay with. */
function roomFor(strip: Strip, after: readonly Strip[]): number {
  let room = strip.height;
  for (let i = 0, s: Strip | undefined = strip; s?.withNext && i < after.length; i++) {
    s = after[i];
    room += s!.height;
  }
  return room;
}
