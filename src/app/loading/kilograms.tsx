import { nextRung, perWristKg, type LadderRung, type StanceLoad } from '@/core/stance';
import type { Result } from '@/core/result';
import type { BodyOf } from './body-fields';
import { SET_UP_WORDS } from './set-up-words';

type Props = { load: Result<StanceLoad>; body: BodyOf; ladder: readonly LadderRung[] };

/** Kilograms on each wrist, the band and its middle, and the smallest step up. */
export function Kilograms({ load, body, ladder }: Props) {
  return (
    <section
      aria-label="Kilograms"
      aria-live="polite"
      className="rounded-2xl border-2 border-ink bg-paper px-5 py-4"
    >
      {load.ok ? (
        <Figures load={load.value} body={body} ladder={ladder} />
      ) : (
        <p className="text-lg font-semibold text-load">{load.message}</p>
      )}
    </section>
  );
}

function Figures({ load, body, ladder }: { load: StanceLoad } & Omit<Props, 'load'>) {
  const left = body.leftPercent / 100;
  const [low, middle, high] = [load.low, load.middle, load.high].map((s) =>
    perWristKg(s, body.massKg, left),
  ) as [Wrists, Wrists, Wrists];
  const next = nextRung(ladder, load.middle);
  return (
    <>
      <dl className="tabular grid grid-cols-2 gap-x-6">
        {(['L', 'R'] as const).map((hand) => (
          <div key={hand}>
            <dt>{hand === 'L' ? 'Left wrist' : 'Right wrist'}</dt>
            <dd>
              <strong className="text-2xl">{middle[hand].toFixed(1)} kg</strong>
              <span className="block text-sm text-soft">
                between {low[hand].toFixed(1)} and {high[hand].toFixed(1)} kg
              </span>
            </dd>
          </div>
        ))}
      </dl>
      <p className="tabular mt-2">
        Both hands bear <strong>{Math.round(load.middle * 100)} %</strong> of body weight.
      </p>
      <p className="mt-1">
        {next
          ? `The smallest step up is ${SET_UP_WORDS[next.setUp]}: ${Math.round(next.share * 100)} %.`
          : 'Nothing on this ladder asks more.'}
      </p>
      <p className="mt-2 text-sm text-soft">
        Worked out from average bodies standing still (segments: Winter 2009; checked against Ebben 2011 and
        Suprak 2011). A real press on a scale comes before it.
      </p>
    </>
  );
}

type Wrists = ReturnType<typeof perWristKg>;
