import type { Metadata } from 'next';
import { GLOSSARY } from '@/catalogue/glossary';
import { pageData } from '@/server/lock/request-identity';
import { Page, PageHead } from '@/ui/page/page';

export const metadata: Metadata = { title: 'Words' };

/** Every word that is explained where it stands, all on one page. */
export default async function WordsPage() {
  // Whoever may not pass the gate sees no page, this one included.
  await pageData();
  return (
    <Page>
      <PageHead
        title="Words"
        line="What Oskil means by them. Where such a word is dotted under on a page, press it to read the same there."
      />
      <dl>
        {GLOSSARY.map(({ id, word, means }) => (
          <div key={id} id={id} className="grid scroll-mt-4 gap-x-5 border-b py-2 sm:grid-cols-[16rem_1fr]">
            <dt className="font-semibold">{word}</dt>
            <dd>{means}</dd>
          </div>
        ))}
      </dl>
    </Page>
  );
}
