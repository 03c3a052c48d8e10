import type { ClassProgress } from '@/core/teach';
import type { ClassInfo } from '@/store/classes';
import { longDay } from '@/ui/words/dates';
import { StepsRow } from './classes/steps/steps-row';

type Props = { ends: readonly { readonly info: ClassInfo; readonly progress: ClassProgress }[] };

/** Series whose last class is over and that have none to come: what is left of it, and the next one in one press. */
export function SeriesToGoOn({ ends }: Props) {
  return (
    <section aria-label="Series to go on with" className="mt-6 grid grid-cols-1 gap-4">
      {ends.map(({ info, progress }) => (
        <div key={info.id} className="rounded-3xl border-2 border-line bg-paper px-6 py-4">
          <h2 className="text-xl">
            {info.name}: week {info.week + 1} is not made yet
          </h2>
          <p className="text-soft">
            Week {info.week} was on {longDay(info.day)}. The next class begins with its people and its rows.
          </p>
          <StepsRow
            classId={info.id}
            progress={progress}
            here={null}
            of={`${info.name}, week ${info.week}`}
          />
        </div>
      ))}
    </section>
  );
}
