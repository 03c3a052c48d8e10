import { Link } from '@/ui/page/link';
import { Page, PageHead } from '@/ui/page/page';
import { buttonClass } from '@/ui/form/button';

export default function NotFound() {
  return (
    <Page>
      <PageHead
        title="That page is not here"
        line="It may have been taken away, or the address was cut short. Nothing is lost."
      />
      <Link href="/" className={buttonClass('main')}>
        Go to Today
      </Link>
    </Page>
  );
}
