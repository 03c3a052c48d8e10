import type { Catalogue, Declined, Movement } from '../catalogue';
import { search } from '../search';

/**
 * Movements of a catalogue that have every word, best matches first; a word that is nowhere spelled so is allowed one slip.
 * They are found by what people call them, by their props, and by what a house has instead of those.
 */
export const findMovements = (
  { movements, prop, alsoCalled }: Pick<Catalogue, 'movements' | 'prop' | 'alsoCalled'>,
  query: string,
): readonly Movement[] => {
  const propWords = (id: string | null) => {
    const used = id === null ? undefined : prop(id);
    return used ? `${used.name} ${used.substitute}` : '';
  };
  return search(
    movements,
    (m) => ({
      name: m.name,
      rest: `${alsoCalled(m.id)} ${m.what} ${m.purpose} ${m.effort} ${m.propId ?? ''} ${propWords(m.propId)} ${m.joints.join(' ')} ${m.positions.join(' ')} ${m.noProp} ${m.goodFor}`,
    }),
    query,
    { smallWords: false },
  );
};

/** What was left out on purpose, for whoever looks for it: words as they are spelled, no slips. */
export const findDeclined = (declined: readonly Declined[], query: string): readonly Declined[] =>
  search(declined, (d) => ({ name: d.name, rest: d.why }), query, { slips: false });
