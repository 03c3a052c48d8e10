import { notFound } from 'next/navigation';
import { pageData } from '@/server/lock/request-identity';
import { findOwn } from '@/store/own-movements';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { OwnForm } from '../../own/own-form';

export default async function ChangeMovementPage({ params }: { params: Promise<{ id: string }> }) {
  const own = await findOwn(await pageData(), (await params).id);
  if (!own) notFound();
  return (
    <Page wide>
      <PageHead
        title={`Change ${own.movement.name}`}
        line="Plans show the change at once; classes already taught keep what was taught."
      />
      <OwnForm
        id={own.movement.id}
        keptAs={`movement.${own.movement.id}`}
        initial={{ movement: own.movement, figure: own.figure }}
      />
      <Limits />
    </Page>
  );
}
