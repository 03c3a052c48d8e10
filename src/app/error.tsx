'use client';

import { Button } from '@/ui/form/button';
import { Page, PageHead } from '@/ui/page/page';

export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <Page>
      <PageHead
        title="This page could not be shown"
        line="What was saved is safe. Try again; if it stays like this, restart Oskil."
      />
      <Button look="main" onClick={reset}>
        Try again
      </Button>
    </Page>
  );
}
