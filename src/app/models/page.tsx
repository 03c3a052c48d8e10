import type { Metadata } from 'next';
import { MODELS } from '@/catalogue/models';
import type { ModelCheck, ModelTold } from '@/core/models';
import { capital } from '@/core/words';
import { pageData } from '@/server/lock/request-identity';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { CheckChart } from './check-chart';
import { CheckTable } from './check-table';

export const metadata: Metadata = { title: 'How this is worked out' };

/** Each model: what goes in and comes out, what it is held against, and its limits. */
export default async function ModelsPage() {
  // Whoever may not pass the gate sees no page, this one included.
  await pageData();
  return (
    <Page>
      <PageHead
        title="How this is worked out"
        line="Every number that is worked out, with its source, what it is held against and how far it may be off. A model guides planning; it never clears a person."
      />
      <nav aria-label="Models">
        <ul className="flex flex-wrap gap-x-6">
          {MODELS.map(({ id, name }) => (
            <li key={id}>
              <a
                className="inline-block min-h-11 content-center underline underline-offset-4"
                href={`#${id}`}
              >
                {name}
              </a>
            </li>
          ))}
        </ul>
      </nav>
      {MODELS.map((model) => (
        <Model key={model.id} model={model} />
      ))}
      <Limits />
    </Page>
  );
}

function Model({ model }: { model: ModelTold }) {
  const { id, name, use, goesIn, comesOut, sources, limits, checks } = model;
  const lines: readonly (readonly [head: string, lines: readonly string[]])[] = [
    ['Goes in', goesIn],
    ['Comes out', [comesOut]],
    ['Source', sources],
    ['Limits', limits],
  ];
  return (
    <section aria-labelledby={id} className="mt-8 scroll-mt-4 border-t-2 border-edge pt-4">
      <h2 id={id} className="text-xl">
        {name}
      </h2>
      <p className="max-w-prose">{use}</p>
      <dl className="mt-2 grid gap-x-5 gap-y-1 sm:grid-cols-[7rem_1fr]">
        {lines.map(([head, said]) => (
          <div key={head} className="contents">
            <dt className="font-semibold">{head}</dt>
            <dd className="max-w-prose">
              {said.length === 1 ? (
                capital(said[0]!)
              ) : (
                <ul>
                  {said.map((line) => (
                    <li key={line}>{capital(line)}</li>
                  ))}
                </ul>
              )}
            </dd>
          </div>
        ))}
      </dl>
      {checks.map((check) => {
        const held = check();
        return <Held key={held.title} check={held} />;
      })}
    </section>
  );
}

function Held({ check }: { check: ModelCheck }) {
  return (
    <figure className="mt-4 rounded-2xl border-2 border-line bg-paper p-4">
      <figcaption>
        <strong>{check.title}.</strong> {check.says}
      </figcaption>
      <div aria-hidden className="mt-2">
        <CheckChart check={check} />
      </div>
      <p className="text-sm text-soft">
        The shaded part, {check.valid[0]} to {check.valid[1]} on the lower axis, is where it is to be
        believed.
      </p>
      <CheckTable check={check} />
    </figure>
  );
}
