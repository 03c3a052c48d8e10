import { Link } from '@/ui/page/link';
import { notFound } from 'next/navigation';
import { doneWith, type Catalogue, type Movement } from '@/core/catalogue';
import { SHORTEST_BREATH_MS, toldDose } from '@/core/dose';
import { coverageOf } from '@/core/hand';
import { movedAt } from '@/core/plan';
import { catalogueNow } from '@/server/catalogue/catalogue';
import { pageData } from '@/server/lock/request-identity';
import { buttonClass } from '@/ui/form/button';
import { HandMap } from '@/ui/hand/hand-map';
import { LazyPicture } from '@/ui/hand/lazy-picture';
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
import { Meant } from '@/ui/page/word';
import { WorkedOut } from '@/ui/page/worked-out';

export default async function MovementPage({ params }: { params: Promise<{ id: string }> }) {
  const { catalogue, own } = await catalogueNow(await pageData());
  const movement = catalogue.movement((await params).id);
  const figure = movement && catalogue.figure(movement.id);
  if (!movement || !figure) notFound();
  const { mode } = movement.dose.count;
  const phases = mode === 'reps' || mode === 'breaths' ? phaseWords(movement) : '';
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
          <p className="no-print text-sm text-soft">
            Effort is our estimate, and degrees are the drawing’s. <WorkedOut id="hand" />
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
      {movement.clearanceReason && (
        <p className="mt-3 rounded-lg border-2 border-load px-4 py-2 font-semibold text-load">
          {movement.clearanceReason}
        </p>
      )}
      <div className="mt-4 grid gap-8 md:grid-cols-2">
        <MovingHands movement={movement} figure={figure} />
        <div className="grid content-start gap-4">
          <p className="text-lg">{movement.what}</p>
          <p>
            <strong>Usual dose.</strong> {capital(toldDose(movement.dose, doneWith(movement)))}
            {lengthWords(movement.lengthMs)}.
          </p>
          {phases !== '' && (
            <p>
              <strong>Tempo.</strong> {phases}
            </p>
          )}
          <Meant of={['dose', 'pass', 'rung']} />
          <Lines title="Say" lines={movement.cues} />
          <Lines title="Watch" lines={movement.watch} />
          <Related title="Do first" ids={movement.follows} catalogue={catalogue} />
          <Related title="Follow with" ids={movement.counters} catalogue={catalogue} />
          {movement.seatedAlternative && (
            <SeatedAlternative id={movement.seatedAlternative} catalogue={catalogue} />
          )}
        </div>
      </div>
      <Ladder movement={movement} catalogue={catalogue} />
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

/** What whoever stays in the chair does instead, with its picture. */
function SeatedAlternative({ id, catalogue }: { id: string; catalogue: Catalogue }) {
  const figure = catalogue.figure(id);
  return (
    <div className="flex items-center gap-4">
      {figure && <LazyPicture figure={figure} height={96} />}
      <Related title="Seated people do" ids={[id]} catalogue={catalogue} />
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

/** "5 to 30 seconds long", "1 to 3 minutes long". */
function lengthWords(range: Movement['lengthMs']): string {
  if (!range) return '';
  const [shortest, longest] = range;
  return shortest >= 60_000 && shortest % 60_000 === 0 && longest % 60_000 === 0
    ? `; ${shortest / 60_000} to ${longest / 60_000} minutes long`
    : `; ${seconds(shortest)} to ${seconds(longest)} seconds long`;
}

/** "Bend on the out-breath, 2 s; straighten on the in-breath, 2 s." Circles, rolls and quiet breath have no halves to tell. */
function phaseWords({ phases, dose, effort }: Movement): string {
  const { work, back, workShare, breath } = phases;
  const isTold = work !== NO_HALVES && effort !== 'breath';
  const { count } = dose;
  const wholeMs = count.mode === 'reps' ? count.tempoMs : null;
  const isHurried = wholeMs !== null && wholeMs < SHORTEST_BREATH_MS;
  const [first, second] =
    breath === 'as it comes' || isHurried ? ['', ''] : breath === 'in, then out' ? IN_OUT : OUT_IN;
  const time = (share: number) => (wholeMs ? `, ${seconds(wholeMs * share)} s` : '');
  const halves = `${capital(work)}${first}${time(workShare)}; ${back}${second}${time(1 - workShare)}.`;
  const rest = breath === 'as it comes' ? 'Breathe as it comes.' : '';
  return [isTold ? halves : '', rest].filter(Boolean).join(' ');
}
const NO_HALVES = 'there';
const IN_OUT = [' on the in-breath', ' on the out-breath'] as const;
const OUT_IN = [' on the out-breath', ' on the in-breath'] as const;
