import type { Metadata } from 'next';
import { startOf } from '@/catalogue/own-start';
import { catalogueNow } from '@/server/catalogue/catalogue';
import { pageData } from '@/server/lock/request-identity';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { OwnForm } from '../own/own-form';

export const metadata: Metadata = { title: 'Make a movement' };

export default async function NewMovementPage({
  searchParams,
}: {
  searchParams: Promise<{ from?: string | string[] }>;
}) {
  const { from } = await searchParams;
  const { catalogue } = await catalogueNow(await pageData());
  const copied = typeof from === 'string' ? catalogue.movement(from) : undefined;
  return (
    <Page wide>
      <PageHead
        title="Make a movement of your own"
        line={
          copied
            ? `A copy of ${copied.name.toLowerCase()}; change what you like.`
            : 'Judged by the same cautions and rules as every other.'
        }
      />
      <OwnForm
        id={null}
        keptAs={copied ? `movement.new-${copied.id}` : 'movement.new'}
        initial={startOf(copied?.id, catalogue)}
      />
      <Limits />
    </Page>
  );
}
