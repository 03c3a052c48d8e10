import { storyWords } from '@/core/progress';
import type { DatedStory } from '@/store/person-story';
import { Link } from '@/ui/page/link';
import { buttonClass } from '@/ui/form/button';
import { dayWithYear } from '@/ui/words/dates';

/** So many are in sight; the others are one press away. */
const IN_SIGHT = 3;

/** What each class was for somebody, one line each, newest first. */
export function ClassByClass({ personId, stories }: { personId: string; stories: readonly DatedStory[] }) {
  if (stories.length === 0) return null;
  const came = stories.find((s) => s.line?.present !== false);
  const [latest, earlier] = [stories.slice(0, IN_SIGHT), stories.slice(IN_SIGHT)];
  return (
    <section className="mb-6" aria-labelledby="class-by-class">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2 id="class-by-class" className="text-xl">
          Class by class
        </h2>
        {came && (
          <Link href={`/classes/${came.classId}/home?person=${personId}`} className={buttonClass()}>
            {came.homeDays === null ? 'Make a home card' : 'Home card'}
          </Link>
        )}
      </div>
      <Stories of={latest} />
      {earlier.length > 0 && (
        <details>
          <summary className="min-h-11 content-center font-semibold">
            Earlier classes: {earlier.length}
          </summary>
          <Stories of={earlier} />
        </details>
      )}
    </section>
  );
}

const Stories = ({ of }: { of: readonly DatedStory[] }) => (
  <ul>
    {of.map(({ classId, day, name, week, ...story }) => (
      <li key={classId} className="flex flex-wrap gap-x-5 border-b py-1.5">
        <span className="tabular w-32 shrink-0 text-soft">{dayWithYear(day)}</span>
        <span className="min-w-0 flex-1 basis-80">
          {storyWords(story)}{' '}
          <Link href={`/classes/${classId}/wrap-up`} className="text-soft underline underline-offset-4">
            {name}, week {week}
          </Link>
        </span>
      </li>
    ))}
  </ul>
);
