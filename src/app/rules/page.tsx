import type { Metadata } from 'next';
import { PRACTICE, RULE_LETTERS } from '@/core/plan';
import { pageData } from '@/server/lock/request-identity';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { TableHead } from '@/ui/page/table-head';

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
      {RULE_LETTERS.map(({ name, rules }) => (
        <section key={name} aria-labelledby={name} className="mt-8">
          <h2 id={name} className="text-xl">
            {name}
          </h2>
          <table className="mt-2 w-full table-fixed border-collapse text-left">
            <colgroup>
              <col className="w-14" />
              <col className="w-24" />
              <col className="w-1/3" />
              <col />
            </colgroup>
            <TableHead columns={['Code', 'Weight', 'Rule', 'Why']} />
            <tbody>
              {rules.map(({ code, severity, title, reason, source }) => (
                <tr key={code} id={code} className="border-b border-edge align-top">
                  <td className="tabular py-1.5">{code}</td>
                  <td className="py-1.5">{severity}</td>
                  <th scope="row" className="py-1.5 pr-5 font-semibold">
                    {title}
                  </th>
                  <td className="py-1.5">
                    {reason}
                    {source !== PRACTICE && <span className="block text-soft">{source}.</span>}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      ))}
      <Limits />
    </Page>
  );
}
