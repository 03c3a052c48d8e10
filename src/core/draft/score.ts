import { HAND_SPOTS } from '../hand';
import { PURPOSES } from '../catalogue';
import type { Option } from './option';
import { PURPOSE_WORTH, SPOT_WORTH } from './weights';

/** The stated score of a selection: what each is worth by itself, and coverage with diminishing worth. */
export function scoreOf(chosen: readonly Option[]): number {
  const own = chosen.reduce((n, o) => n + o.worth, 0);
  const spots = HAND_SPOTS.reduce(
    (n, { id }) => n + diminishing(SPOT_WORTH, chosen.filter((o) => o.spots.includes(id)).length),
    0,
  );
  const purposes = PURPOSES.reduce(
    (n, p) => n + diminishing(PURPOSE_WORTH, chosen.filter((o) => o.movement.purpose === p).length),
    0,
  );
  return own + spots + purposes;
}

const diminishing = (worth: readonly number[], times: number): number =>
  worth.slice(0, times).reduce((n, w) => n + w, 0);
