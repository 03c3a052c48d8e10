import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { pageData } from '@/server/lock/request-identity';
import { termFrom } from '@/server/terms/terms';
import { Page, PageHead } from '@/ui/page/page';
import { ChangeTermForm } from './change-term-form';
import { RemoveTerm } from './remove-term';

export const metadata: Metadata = { title: 'Change a term' };

export default async function ChangeTermPage({ params }: { params: Promise<{ id: string }> }) {
  const stored = await termFrom(await pageData(), (await params).id);
  if (!stored.ok) notFound();
  const { id, seriesId: _, ...term } = stored.value;
  return (
    <Page>
      <PageHead title={term.name} line="Classes that are there keep their day and their plan." />
      <ChangeTermForm termId={id} initial={term} />
      <RemoveTerm termId={id} name={term.name} />
    </Page>
  );
}
