import type { Metadata } from 'next';
import { SCREENING_QUESTIONS } from '@/catalogue/screening-questions';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { PrintButton } from '@/ui/paper/print-button';

export const metadata: Metadata = { title: 'Screening questions' };

/** The questions before a first class, to be read out or printed and filled in. */
export default function QuestionsPage() {
  return (
    <Page>
      <PageHead
        title="Screening questions"
        line="Asked once before somebody’s first class, and again when something has changed. What is answered yes is kept on their page."
      >
        <PrintButton>Print the questions</PrintButton>
      </PageHead>
      <p className="mb-4 hidden print:block">Name: ____________________________ Day: ______________</p>
      <ol className="grid gap-4">
        {SCREENING_QUESTIONS.map(({ ask, kept }, i) => (
          <li key={ask} className="grid grid-cols-[2rem_1fr_auto] gap-x-3 border-b pb-3">
            <span className="tabular">{i + 1}.</span>
            <span>
              {ask}
              <span className="no-print block text-sm text-soft">A yes is kept as: {kept}.</span>
            </span>
            <span className="hidden whitespace-nowrap print:inline">☐ yes ☐ no</span>
          </li>
        ))}
      </ol>
      <Limits />
    </Page>
  );
}
