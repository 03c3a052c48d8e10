import type { Failure } from '@/core/result';
import { Button, buttonClass } from '../form/button';
import { Trouble } from '../form/field';
import { AS_SAVED } from '../form/use-unsaved';

type Props = {
  trouble: Failure | null;
  /** Where it is to be seen as it is now, and the words for that. */
  href: string;
  see: string;
  onOver: () => void;
  busy: boolean;
};

/** What kept something from being saved; where somebody else changed the same, a look at theirs, and mine in its place. */
export function ChangedElsewhere({ trouble, href, see, onOver, busy }: Props) {
  return (
    <>
      <Trouble message={trouble?.message ?? null} />
      {trouble?.code === 'changed-elsewhere' && (
        <div className="flex flex-wrap gap-3">
          <a href={href + AS_SAVED} target="_blank" className={buttonClass()}>
            {see}
          </a>
          <Button onClick={onOver} disabled={busy}>
            Save mine in its place
          </Button>
        </div>
      )}
    </>
  );
}
