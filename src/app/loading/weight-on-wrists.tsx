import { useMemo } from 'react';
import {
  likeRungs,
  nextRung,
  perWristKg,
  spreadAmongBodies,
  type LadderRung,
  type Stance,
  type StanceLoad,
} from '@/core/stance';
import { amount, amountText } from '@/core/units';
import { useUnits } from '@/ui/units';
import { nameList } from '@/core/words';
import type { Result } from '@/core/result';
import type { BodyOf } from './body-fields';
import { SET_UP_WORDS } from './set-up-words';
import { WorkedOut } from '@/ui/page/worked-out';

type Props = {
  stance: Stance;
  load: Result<StanceLoad>;
  body: BodyOf;
  ladder: readonly LadderRung[];
};

/** The weight through each wrist, what a scale would read, what asks about the same, and the smallest step up. */
export function WeightOnWrists({ stance, load, body, ladder }: Props) {
  return (
    <section
      aria-label="Weight on each wrist"
      aria-live="polite"
      className="rounded-2xl border-2 border-ink bg-paper px-5 py-4"
    >
      {load.ok ? (
        <Figures stance={stance} load={load.value} body={body} ladder={ladder} />
      ) : (
        <p className="text-lg font-semibold text-load">{load.message}</p>
      )}
    </section>
  );
}

function Figures({
  stance,
  load: { wrist, scale },
  body,
  ladder,
}: { load: StanceLoad } & Omit<Props, 'load'>) {
  const left = body.leftPercent / 100;
  const [low, middle, high] = [wrist.low, wrist.middle, wrist.high].map((s) =>
    perWristKg(s, body.massKg, left),
  ) as [Wrists, Wrists, Wrists];
  const next = nextRung(ladder, stance, wrist);
  const isItself = (r: LadderRung) => Math.abs(r.band.middle - wrist.middle) < 0.001;
  const like = likeRungs(ladder, wrist)
    .filter((r) => !isItself(r))
    .map((r) => SET_UP_WORDS[r.setUp]);
  const units = useUnits();
  const spread = useMemo(() => spreadAmongBodies(stance, body.statureCm / 100), [stance, body.statureCm]);
  const onScale = (share: number) => amount(share * body.massKg, 'kg', units, 0);
  return (
    <>
      <dl className="tabular grid grid-cols-2 gap-x-6">
        {(['L', 'R'] as const).map((hand) => (
          <div key={hand}>
            <dt>{hand === 'L' ? 'Through the left wrist' : 'Through the right wrist'}</dt>
            <dd>
              <strong className="text-2xl">{amountText(middle[hand], 'kg', units)}</strong>
              <span className="block text-sm text-soft">
                between {amount(low[hand], 'kg', units)} and {amountText(high[hand], 'kg', units)}
              </span>
            </dd>
          </div>
        ))}
      </dl>
      <p className="tabular mt-2">
        Both together: <strong>{Math.round(wrist.middle * 100)} %</strong> of body weight
        {spread && `, ${percent(spread.low)} to ${percent(spread.high)} % as bodies differ`}. A scale under
        both hands would read {onScale(scale.low)} to {onScale(scale.high)} {units.mass}.
      </p>
      <p className="mt-1">
        {like.length > 0 && `About the same as ${nameList(like, 9)}, as far as this can tell. `}
        {next
          ? `The smallest sure step up is ${SET_UP_WORDS[next.setUp]}: ${Math.round(next.band.middle * 100)} %.`
          : 'Nothing on this ladder surely asks more.'}
      </p>
      <p className="mt-2 text-sm text-soft">
        Worked out from average bodies standing still (segments: Winter 2009; checked against Ebben 2011 and
        Suprak 2011). A real press on a scale comes before it. <WorkedOut id="weight" />
      </p>
    </>
  );
}

const percent = (share: number) => Math.round(share * 100);

type Wrists = ReturnType<typeof perWristKg>;
