import type { LoadSetUp } from '@/core/catalogue';
import type { LadderRung } from '@/core/stance';
import type { Verdict } from '@/core/screening';
import { amount } from '@/core/units';
import { useUnits } from '@/ui/units';
import { capital } from '@/core/words';
import { HandsMark, verdictWords } from '@/ui/verdict-signs';
import { SET_UP_WORDS } from './set-up-words';

type Props = {
  ladder: readonly LadderRung[];
  setUp: LoadSetUp;
  massKg: number;
  floor: boolean;
  /** Whose verdicts are shown; null while nobody is chosen. */
  firstName: string | null;
  verdictOf: (setUp: LoadSetUp) => Verdict | null;
  onChoose: (setUp: LoadSetUp) => void;
};

/** Every set-up as usually taken up, lightest first, with its band, with a wedge as wide as what it asks. */
export function Ladder({ ladder, setUp, massKg, floor, firstName, verdictOf, onChoose }: Props) {
  const most = Math.max(...ladder.map((r) => r.band.middle));
  const units = useUnits();
  const kgOf = (share: number) => amount((share * massKg) / 2, 'kg', units, 0);
  return (
    <section aria-label="Ladder">
      <h2 className="text-lg">Set-ups, lightest first</h2>
      <p className="text-sm text-soft">
        Share of body weight through both wrists, and {units.mass} through each; bands that overlap are about
        the same
        {firstName && `; the mark is what ${firstName} may do`}.
      </p>
      <ol>
        {ladder.map((rung) => (
          <li key={rung.setUp} className="border-b border-line">
            <button
              type="button"
              aria-pressed={rung.setUp === setUp}
              className={`flex min-h-12 w-full items-center gap-3 rounded-lg px-2 text-left hover:bg-paper ${rung.setUp === setUp ? 'bg-paper font-bold' : ''}`}
              onClick={() => onChoose(rung.setUp)}
            >
              <svg width="48" height="18" viewBox="0 0 48 18" aria-hidden="true" className="shrink-0">
                <path
                  d={`M0 17L${(46 * rung.band.middle) / most} 17V${17 - (15 * rung.band.middle) / most}Z`}
                  fill="var(--color-load)"
                />
              </svg>
              <span className="flex-1">{capital(SET_UP_WORDS[rung.setUp])}</span>
              <Allowed verdict={verdictOf(rung.setUp)} />
              <span className="tabular text-sm">
                {Math.round(rung.band.low * 100)}-{Math.round(rung.band.high * 100)} %, {kgOf(rung.band.low)}-
                {kgOf(rung.band.high)} {units.mass}
              </span>
            </button>
          </li>
        ))}
      </ol>
      {!floor && (
        <p className="mt-2 text-sm text-soft">
          Set-ups on the floor are off. They are switched on in Settings, and each person needs a clinician’s
          clearance.
        </p>
      )}
    </section>
  );
}

const Allowed = ({ verdict }: { verdict: Verdict | null }) =>
  verdict && (
    <>
      <HandsMark verdict={verdict} />
      <span className="sr-only">{verdictWords(verdict)}, </span>
    </>
  );
