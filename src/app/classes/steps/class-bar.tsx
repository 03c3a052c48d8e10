import type { ClassProgress, ClassStep } from '@/core/teach';
import type { ClassInfo } from '@/store/classes';
import { Link } from '@/ui/page/link';
import { shortDay } from '@/ui/words/dates';
import { StepsRow } from './steps-row';

type Props = {
  info: Pick<ClassInfo, 'id' | 'name' | 'week' | 'day' | 'startsAt'>;
  progress: ClassProgress;
  here: ClassStep | null;
};

/** Which class this is, and its steps; over every page of a class but the ones that are the class. */
export function ClassBar({ info, progress, here }: Props) {
  const title = `${info.name}, week ${info.week}`;
  return (
    <section
      aria-label="This class"
      className="no-print mx-auto flex w-full max-w-[1400px] flex-wrap items-center justify-between gap-x-3 px-6"
    >
      <div className="flex flex-wrap items-baseline gap-x-3">
        {here === 'plan' ? (
          <h1 className="text-lg leading-tight font-bold">{title}</h1>
        ) : (
          <Link href={`/classes/${info.id}`} className="font-semibold underline underline-offset-4">
            {title}
          </Link>
        )}
        <span className="text-sm whitespace-nowrap text-soft max-xl:hidden">
          {shortDay(info.day)}, {info.startsAt}
        </span>
      </div>
      <StepsRow classId={info.id} progress={progress} here={here} />
    </section>
  );
}
