import { Link } from '@/ui/page/link';
import { notFound } from 'next/navigation';
import type { Catalogue, Movement } from '@/core/catalogue';
import { doseWords } from '@/core/dose';
import { coverageOf } from '@/core/hand';
import { movedAt } from '@/core/plan';
import { catalogueNow } from '@/server/catalogue/catalogue';
import { pageData } from '@/server/lock/request-identity';
import { buttonClass } from '@/ui/form/button';
import { HandMap } from '@/ui/hand/hand-map';
import { PURPOSE_WORDS, PurposeMark } from '@/ui/verdict-signs';
import { Limits, Page } from '@/ui/page/page';
import { POSITION_WORDS } from '@/ui/words/position-words';
import { Cautions } from './cautions';
import { DoseBySchool } from './dose-by-school';
import { Ladder } from './ladder';
import { MovingHands } from './moving-hands';
import { PropNotes } from './prop-notes';
import { PutAway } from './put-away';
import { capital } from '@/core/words';

export default async function MovementPage({ params }: { params: Promise<{ id: string }> }) {
  const { catalogue, own } = await catalogueNow(await pageData());
  const movement = catalogue.movement((await params).id);
  const figure = movement && catalogue.figure(movement.id);
  if (!movement || !figure) notFound();
  const mine = own.find((o) => o.movement.id === movement.id);
  return (
    <Page>
      <div className="flex flex-wrap items-start justify-between gap-4">
        <div>
          <h1 className="text-2xl">{movement.name}</h1>
          <p className="mt-1 flex items-center gap-2 text-soft">
            <PurposeMark purpose={movement.purpose} />
            {[movement.purpose, ...movement.also].map((p) => PURPOSE_WORDS[p]).join(' and ')}, effort about{' '}
            {movement.effortOf10} of 10, {movement.positions.map((p) => POSITION_WORDS[p]).join(' or ')}
          </p>
        </div>
        <div className="no-print flex flex-wrap gap-3">
          {mine && (
            <Link href={`/movements/${movement.id}/change`} className={buttonClass('plain')}>
              Change
            </Link>
          )}
          {mine && <PutAway id={movement.id} name={movement.name} archived={mine.archived} />}
          <Link href={`/movements/new?from=${movement.id}`} className={buttonClass('plain')}>
            Copy as your own
          </Link>
        </div>
      </div>
      {movement.offUntil && (
        <p className="mt-3 rounded-lg border-2 border-load px-4 py-2 font-semibold text-load">
          {movement.offUntil}
        </p>
      )}
      <div className="mt-4 grid gap-8 md:grid-cols-2">
        <MovingHands movement={movement} figure={figure} />
        <div className="grid content-start gap-4">
          <p className="text-lg">{movement.what}</p>
          <p>
            <strong>Usual dose.</strong> {doseWords(movement.dose)}
            {movement.dose.count.mode !== 'time' && `; from ${movement.dose.fewest} to ${movement.dose.most}`}
            {lengthWords(movement.lengthMs)}.
          </p>
          {(movement.dose.count.mode === 'reps' || movement.dose.count.mode === 'breaths') && (
            <p>
              <strong>Tempo.</strong> {phaseWords(movement)}
            </p>
          )}
          <Lines title="Say" lines={movement.cues} />
          <Lines title="Watch" lines={movement.watch} />
          <Related title="Comes after" ids={movement.follows} catalogue={catalogue} />
          <Related title="Put right by" ids={movement.counters} catalogue={catalogue} />
          {movement.seatedTwin && (
            <Related title="Seated people do" ids={[movement.seatedTwin]} catalogue={catalogue} />
          )}
        </div>
      </div>
      <Ladder rungs={movement.rungs} />
      <DoseBySchool movement={movement} />
      <PropNotes movement={movement} catalogue={catalogue} />
      <section className="mt-8">
        <h2 className="mb-2 text-xl">What it moves</h2>
        <HandMap
          values={movedAt(coverageOf(figure, movement.dose))}
          unit="Degrees travelled in the usual dose"
          none="No joint of the hand is moved."
          label="How far each joint travels in the usual dose; the table has the numbers"
        />
      </section>
      <Cautions movement={movement} catalogue={catalogue} />
      <Limits />
    </Page>
  );
}

function Lines({ title, lines }: { title: string; lines: readonly string[] }) {
  return (
    <div>
      <h2 className="text-lg">{title}</h2>
      {lines.map((line) => (
        <p key={line}>{line}</p>
      ))}
    </div>
  );
}

function Related({ title, ids, catalogue }: { title: string; ids: readonly string[]; catalogue: Catalogue }) {
  const known = ids.flatMap((id) => catalogue.movement(id) ?? []);
  if (known.length === 0) return null;
  return (
    <p>
      <strong>{title}.</strong>{' '}
      {known.map((m, i) => (
        <span key={m.id}>
          {i > 0 && ', '}
          <Link href={`/movements/${m.id}`} className="underline underline-offset-4">
            {i === 0 ? m.name : m.name.charAt(0).toLowerCase() + m.name.slice(1)}
          </Link>
        </span>
      ))}
    </p>
  );
}

const seconds = (ms: number): string => String(Math.round(ms / 100) / 10);

function lengthWords(range: Movement['lengthMs']): string {
  return range ? `; ${seconds(range[0])} to ${seconds(range[1])} seconds long` : '';
}

/** "Bend on the out-breath, 1.5 s; straighten on the in-breath, 1.5 s." */
function phaseWords({ phases, dose }: Movement): string {
  const { work, back, workShare, breath } = phases;
  const whole =
    dose.count.mode === 'reps' ? dose.count.tempoMs : dose.count.mode === 'breaths' ? 5_000 : null;
  const [first, second] = breath === 'as it comes' ? ['', ''] : breath === 'in, then out' ? IN_OUT : OUT_IN;
  const time = (share: number) => (whole ? `, ${seconds(whole * share)} s` : '');
  const start = `${capital(work)}${first}${time(workShare)}`;
  const rest = breath === 'as it comes' ? ' Breathe as it comes.' : '';
  return `${start}; ${back}${second}${time(1 - workShare)}.${rest}`;
}
const IN_OUT = [' on the in-breath', ' on the out-breath'] as const;
const OUT_IN = [' on the out-breath', ' on the in-breath'] as const;
