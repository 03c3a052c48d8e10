import { Button } from '@/ui/form/button';
import type { RemoteCommand } from '@/core/lead';

/** The screen that teaches, for one that follows it and as a remote tells it what to do. */
export type Other = {
  readonly role: 'remote' | 'follow';
  /** What is the matter with the other screen; empty where nothing is. */
  readonly trouble: string;
  readonly onTell: (command: RemoteCommand) => void;
  readonly onChooseAgain: () => void;
};

/** Told all the while: this screen does not count, and what the matter is where the one that does is away. */
export function FollowingBar({ other }: { other: Other }) {
  return (
    <p
      className={`flex flex-wrap items-center justify-between gap-x-4 rounded-xl border-2 bg-paper px-3 ${other.trouble ? 'border-load' : 'border-edge'}`}
    >
      <span role="status">
        {other.trouble ||
          (other.role === 'remote'
            ? 'A remote for the screen that teaches'
            : 'Following the screen that teaches')}
      </span>
      <Button look="quiet" onClick={other.onChooseAgain}>
        Change
      </Button>
    </p>
  );
}
