import { notFound } from 'next/navigation';
import { CATALOGUE } from '@/catalogue/movements';
import { CAUTIONS } from '@/catalogue/cautions';
import type { Movement } from '@/core/catalogue/movement';
import { doseWords } from '@/core/dose/describe';
import { clauseMatches } from '@/core/screening/rule';
import { CordView } from '@/ui/cord';
import { conditionName } from '@/ui/condition-words';
import { PURPOSE_WORDS, PurposeMark } from '@/ui/marks';
import { Limits, Page } from '@/ui/page';
import { MovingHands } from './moving-hands';

export default async function MovementPage({ params }: { params: Promise<{ id: string }> }) {
  const movement = CATALOGUE.movement((await params).id);
  if (!movement) notFound();
  const prop = movement.propId ? CATALOGUE.prop(movement.propId) : undefined;
  return (
    <Page>
      <h1 className="text-2xl">{movement.name}</h1>
      <p className="mt-1 flex items-center gap-2 text-soft">
        <PurposeMark purpose={movement.purpose} /> {PURPOSE_WORDS[movement.purpose]}, effort about{' '}
        {movement.effortOf10} of 10, {movement.position === 'table' ? 'at a table' : 'in a chair'}
      </p>
      <div className="mt-4 grid gap-8 md:grid-cols-2">
        <MovingHands movementId={movement.id} />
        <div className="grid content-start gap-4">
          <p className="text-lg">{movement.what}</p>
          <div>
            <h2 className="text-lg">Usual dose</h2>
            <CordView
              dose={movement.dose}
              purpose={movement.purpose}
              context={{ breathMs: 5_000, isNew: false }}
              width={360}
            />
            <p>
              {doseWords(movement.dose)}; from {movement.dose.fewest} to {movement.dose.most}
            </p>
          </div>
          <Lines title="Say" lines={movement.cues} />
          <Lines title="Watch" lines={movement.watch} />
          <Lines title="Easier" lines={[movement.easier]} />
          <Lines title="Stronger" lines={[movement.stronger]} />
          {prop && (
            <Lines
              title="Prop"
              lines={[`${prop.name}, or ${prop.substitute}`, `With none: ${movement.noProp}`]}
            />
          )}
        </div>
      </div>
      <Cautions movement={movement} />
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

/** The rows of the caution table that speak of this movement. */
function Cautions({ movement }: { movement: Movement }) {
  const latex = movement.propId ? (CATALOGUE.prop(movement.propId)?.latex ?? false) : false;
  const rules = CAUTIONS.rules.filter((r) =>
    r.when.some((c) => clauseMatches(c, movement, movement.dose, latex)),
  );
  if (rules.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="text-xl">Cautions that speak of it</h2>
      <table className="mt-2 w-full border-collapse text-left">
        <thead>
          <tr className="border-b-2 border-edge">
            <th className="py-1 pr-4">With</th>
            <th className="py-1 pr-4">Then</th>
            <th className="py-1">Because</th>
          </tr>
        </thead>
        <tbody>
          {rules.map((r) => (
            <tr key={r.id} className="border-b align-top">
              <th scope="row" className="py-1.5 pr-4 font-normal">
                {r.condition === 'any hand'
                  ? `any hand ${STATE_WORDS[r.states[0] ?? 'settled']}`
                  : conditionName(r.condition)}
              </th>
              <td className="py-1.5 pr-4">
                {r.verdict === 'adapt' ? `adapt: ${r.how ?? ''}` : 'leave out, or swap'}
              </td>
              <td className="py-1.5">{r.because}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

const STATE_WORDS = {
  settled: '',
  sore: 'sore today',
  flare: 'in flare',
  'not cleared': 'not cleared',
} as const;
