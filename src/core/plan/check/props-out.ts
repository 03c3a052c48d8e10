import { propsOf } from '../../catalogue';
import type { RowMovement } from '../../stance';

/** What changes hands before a row: ids of props taken back, and handed out. */
export type Handing = { readonly collect: readonly string[]; readonly handOut: readonly string[] };

/** So many movements may pass before what lies in the lap is taken up again. */
const LAP_ROWS = 3;

/**
 * What changes hands before each row, given its movement; null is a break or talk, through which things stay where they are. A thing
 * that is needed again within three movements lies in the lap meanwhile, unless another is handed out. After the last row the rest
 * is collected.
 */
export function handings(movements: readonly (RowMovement | null)[]): {
  readonly before: readonly Handing[];
  readonly atEnd: readonly string[];
} {
  let out: readonly string[] = [];
  const before = movements.map((movement, i): Handing => {
    if (!movement) return { collect: [], handOut: [] };
    const wanted = propsOf(movement);
    const stays = (id: string) =>
      wanted.includes(id) || (wanted.length === 0 && isSoonAgain(id, movements.slice(i + 1)));
    const collect = out.filter((id) => !stays(id));
    const handOut = wanted.filter((id) => !out.includes(id));
    out = [...out.filter(stays), ...handOut];
    return { collect, handOut };
  });
  return { before, atEnd: out };
}

function isSoonAgain(id: string, next: readonly (RowMovement | null)[]): boolean {
  for (const movement of next.filter((m) => m !== null).slice(0, LAP_ROWS)) {
    const wanted = propsOf(movement);
    if (wanted.includes(id)) return true;
    if (wanted.length > 0) return false;
  }
  return false;
}
