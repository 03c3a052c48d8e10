import type { Metadata } from 'next';
import { PRACTICE, RULE_LETTERS } from '@/core/plan';
import { pageData } from '@/server/lock/request-identity';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { WorkedOut } from '@/ui/page/worked-out';

export const metadata: Metadata = { title: 'Rules' };

/** The legend of the findings: every rule that a plan is checked by. */
export default async function RulesPage() {
  // Whoever may not pass the gate sees no page, this one included.
  await pageData();
  return (
    <Page>
      <PageHead
        title="Rules"
        line="What every plan is checked by. A rule can be muted for one class: a must only with your reason written down. Where no source is given, rule and numbers come from teaching practice; no study is behind them."
      />
      <p>
        What is modelled in them, the grip reserve, the loading index and the volumes, has its sources and
        limits elsewhere. <WorkedOut id="fatigue" />
      </p>
      {RULE_LETTERS.map(({ name, rules }) => (
        <section key={name} aria-labelledby={name} className="mt-8">
          <h2 id={name} className="text-xl">
            {name}
          </h2>
          <ul className="mt-2 border-t-2 border-edge">
            {rules.map(({ code, severity, title, reason, source }) => (
              <li
                key={code}
                id={code}
                className="grid gap-x-5 border-b border-edge py-2 sm:grid-cols-[7rem_1fr_1.6fr]"
              >
                <p className="tabular">
                  {code} <span className="text-soft">{severity}</span>
                </p>
                <h3 className="text-base font-semibold">{title}</h3>
                <p>
                  {reason}
                  {source !== PRACTICE && <span className="block text-soft">{source}.</span>}
                </p>
              </li>
            ))}
          </ul>
        </section>
      ))}
      <Limits />
    </Page>
  );
}
