import { Link } from './link';
import { damageSentence } from '@/core/backup';
import { buttonClass } from '../form/button';

/** Told wherever somebody begins, until it is mended: what of the data cannot be read, and the way back. */
export function DamageNotice({ tables, way }: { tables: readonly string[]; way: boolean }) {
  if (tables.length === 0) return null;
  return (
    <div role="alert" className="mb-5 rounded-2xl border-2 border-load p-4">
      <p className="font-semibold text-load">{damageSentence(tables)}</p>
      {way && (
        <Link href="/backup" className={`${buttonClass()} mt-3`}>
          Backups
        </Link>
      )}
    </div>
  );
}
