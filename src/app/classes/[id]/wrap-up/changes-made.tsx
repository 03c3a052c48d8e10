import type { ChangeMade } from '@/core/teach';
import { clockText } from '@/core/words';
import { CheckBox } from '@/ui/form/check-box';
import { toggled } from '@/ui/form/toggled';

type Props = {
  made: readonly ChangeMade[];
  carry: ReadonlySet<number>;
  onCarry: (carry: ReadonlySet<number>) => void;
};

/** What was changed in class; what is ticked is there when the next class starts from this one. */
export function ChangesMade({ made, carry, onCarry }: Props) {
  if (made.length === 0) return null;
  return (
    <fieldset>
      <legend className="text-lg font-bold">Changed while teaching</legend>
      <p className="text-soft">
        This plan stays as it was. What is ticked goes into the next class; what was added, or cut for the
        clock, is better decided anew.
      </p>
      {made.map(({ index, atMs, words }) => (
        <CheckBox
          key={index}
          label={
            <span>
              <span className="tabular text-soft">{clockText(atMs)}</span> {words}
            </span>
          }
          on={carry.has(index)}
          onChange={() => onCarry(toggled(carry, index))}
        />
      ))}
    </fieldset>
  );
}
