import type { Metadata } from 'next';
import { Page, PageHead } from '@/ui/page/page';
import { buttonClass } from '@/ui/form/button';

export const metadata: Metadata = { title: 'Not reached' };

/** Kept in the browser, and shown when the computer that runs Oskil does not answer. */
export default function OfflinePage() {
  return (
    <Page>
      <PageHead
        title="Oskil cannot be reached"
        line="The computer that it runs on may be asleep, or this one has lost the network."
      />
      <p className="mb-3 max-w-3xl text-lg">
        A class that is open in another tab goes on by itself. What was counted and marked is kept in this
        browser and sent when Oskil is back, so leave that tab open. With the cue sheet on paper the class can
        go on from there.
      </p>
      {/* Plain links, which ask anew, whatever the browser holds: the first for the page that was wanted. */}
      <div className="flex flex-wrap gap-3">
        <a href="" className={buttonClass('main')}>
          Try again
        </a>
        <a href="/" className={buttonClass()}>
          Go to Today
        </a>
      </div>
    </Page>
  );
}
