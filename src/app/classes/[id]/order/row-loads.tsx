import { loadsOfRow, outOfReach, type PersonLoad } from '@/core/load';
import { loadSettingWords, type LoadSetting, type RowMovement } from '@/core/stance';
import { fullName, type Person } from '@/core/people';
import type { Verdict } from '@/core/screening';
import { amount, amountText, type Units } from '@/core/units';
import { useUnits } from '@/ui/units';
import { capital, nameList } from '@/core/words';
import { Button } from '@/ui/form/button';
import { WorkedOut } from '@/ui/page/worked-out';

type Props = {
  movement: RowMovement;
  people: readonly Person[];
  verdicts: ReadonlyMap<string, Verdict> | undefined;
  /** Gives up what was set at the bench. */
  onUsual: () => void;
};

/** What each wrist bears in a loading row, person by person. */
export function RowLoads({ movement, people, verdicts, onUsual }: Props) {
  const units = useUnits();
  const loads = loadsOfRow(movement, people, (id) => verdicts?.get(id) ?? null);
  const tooShort = outOfReach(movement, people).map(fullName);
  if (loads.length === 0 && !movement.press) return null;
  return (
    <section aria-label="Weight on each wrist">
      <h2 className="text-lg">Weight on each wrist</h2>
      {movement.press && <SetAtBench press={movement.press} onUsual={onUsual} />}
      <ul className="tabular grid max-w-4xl gap-x-8 sm:grid-cols-2">
        {loads.map((load) => (
          <li key={load.person.id} className="flex justify-between gap-3 border-b border-line py-1">
            <span>{fullName(load.person)}</span>
            <span>{loadWords(load, units)}</span>
          </li>
        ))}
      </ul>
      {tooShort.length > 0 && (
        <p className="mt-1 font-semibold">
          In this set-up the hands of {nameList(tooShort, tooShort.length)} do not reach.
        </p>
      )}
      <p className="mt-1 text-sm text-soft">
        Worked out for average bodies standing still, {splitWords(movement.press)}; one hand alone may take up
        to what both would
        {loads.some((l) => !l.known) &&
          `; where height or mass is not known, for people of ${amount(45, 'kg', units, 0)} to ${amountText(95, 'kg', units, 0)}`}
        . It clears nobody. <WorkedOut id="weight" />
      </p>
    </section>
  );
}

const HANDS = { both: '', L: ', left alone', R: ', right alone' } as const;

function loadWords({ hands, fromKg, toKg, known, rung, rungTo, rungs }: PersonLoad, units: Units): string {
  const where = known
    ? `, rung ${rung === rungTo ? rung : `${rung} to ${rungTo}`} of ${rungs}`
    : ', height or mass not known';
  return `${amount(fromKg, 'kg', units)} to ${amountText(toKg, 'kg', units)}${HANDS[hands]}${where}`;
}

const splitWords = (press: LoadSetting | undefined): string =>
  press && press.leftShare !== 0.5 ? 'for the hand that bears more' : 'both hands alike';

const SetAtBench = ({ press, onUsual }: { press: LoadSetting; onUsual: () => void }) => (
  <div className="mb-2 flex flex-wrap items-center gap-3">
    <p>{capital(loadSettingWords(press, useUnits()))}, as set at the bench.</p>
    <Button onClick={onUsual}>Take the usual set-up</Button>
  </div>
);
