import type { Catalogue } from '../../catalogue';
import { nameList } from '../../words';
import type { MovementRow } from '../plan';

/** What a row is done with, where it names that itself: "with a rubber ball and a grippy pad"; empty for the usual. */
export function propsWords({ props }: Pick<MovementRow, 'props'>, catalogue: Catalogue): string {
  if (!props) return '';
  if (props.length === 0) return 'with nothing in the hands';
  return `with ${nameList(props.map((id) => `a ${catalogue.prop(id)?.name ?? id}`))}`;
}
